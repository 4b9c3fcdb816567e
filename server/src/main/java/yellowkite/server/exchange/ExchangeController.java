package yellowkite.server.exchange;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.exchange.ExchangeRepository.ListedExchange;

/** What rigs have exchanged with files, over HTTP. */
@RestController
class ExchangeController {
    private static final int LISTED = 50;
    private final ExchangeRepository exchanges;

    ExchangeController(ExchangeRepository exchanges) {
        this.exchanges = exchanges;
    }

    /** 200 with the newest ones. */
    @GetMapping("/api/exchanges")
    List<ListedExchange> list() {
        return exchanges.list(LISTED);
    }
}
