package yellowkite.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import yellowkite.server.RunningKite;

/** Whoever opens a place of the page by its address, or loads it again there, gets the page. */
class PageRoutesTest {
    private static final Pattern PLACE = Pattern.compile("page\\('([^']+)'");

    @Test
    void thePageAnswersAtEachOfItsPlaces() throws IOException {
        var places = PLACE.matcher(Files.readString(Path.of("../web/src/app/app.tsx")))
            .results()
            .map(each -> each.group(1).replaceAll(":\\w+", "{}"))
            .filter(each -> !each.equals("/releases/new")) // a release of that name is no less a place
            .collect(Collectors.toSet());
        var answered = RunningKite.part(RequestMappingHandlerMapping.class)
            .getHandlerMethods()
            .entrySet()
            .stream()
            .filter(each -> each.getValue().getBeanType().equals(PageRoutes.class))
            .flatMap(each -> each.getKey().getPatternValues().stream())
            .map(each -> each.replaceAll("\\{\\w+}", "{}"))
            .collect(Collectors.toSet());

        assertThat(places).hasSizeGreaterThan(10);
        assertThat(answered).containsAll(places);
    }
}
