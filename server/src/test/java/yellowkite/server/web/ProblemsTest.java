package yellowkite.server.web;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.InvalidDataAccessResourceUsageException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.context.request.ServletWebRequest;

class ProblemsTest {
    private final Problems problems = new Problems();
    private final ServletWebRequest request = new ServletWebRequest(new MockHttpServletRequest(), new MockHttpServletResponse());
    private static final HttpStatusCode FAILED = HttpStatus.INTERNAL_SERVER_ERROR;

    @Test
    void aPageThatWasLeftIsNotAnswered() {
        var left = new HttpMessageNotWritableException("Could not write JSON", new IOException("Connection reset by peer"));

        assertThat(problems.handleHttpMessageNotWritable(left, new HttpHeaders(), FAILED, request)).isNull();
    }

    @Test
    void whatCannotBeWrittenForAnotherReasonIsOurMistake() {
        var ours = new HttpMessageNotWritableException("Could not write JSON", new IllegalStateException("a circle"));

        assertThat(requireNonNull(problems.handleHttpMessageNotWritable(ours, new HttpHeaders(), FAILED, request)).getStatusCode())
            .isEqualTo(FAILED);
    }

    @Test
    void aDatabaseThatIsAwayIsWaitedFor() {
        assertThat(problems.noDatabase(new DataAccessResourceFailureException("away")).getStatus()).isEqualTo(503);
        var closed = new InvalidDataAccessResourceUsageException("wrong, it seems", new SQLNonTransientConnectionException("gone"));
        assertThat(problems.database(closed).getStatus()).isEqualTo(503);
        var byMessage = new InvalidDataAccessResourceUsageException("x", new SQLException("(conn=3) Connection is a closed connection"));
        assertThat(problems.database(byMessage).getStatus()).isEqualTo(503);
    }

    @Test
    void anIdOfOtherLettersIsNobodys() {
        var mixed = new IllegalStateException(new SQLException("Illegal mix of collations", "HY000", 1267));

        assertThat(problems.unexpected(mixed).getStatus()).isEqualTo(404);
    }

    @Test
    void aMistakeOfOursSaysWhereTheLogSaysMore() {
        var problem = problems.unexpected(new IllegalStateException("a mistake that this test makes"));

        assertThat(problem.getStatus()).isEqualTo(500);
        assertThat(problem.getDetail()).contains("nothing was changed").contains("The server's log says more");
    }
}
