package yellowkite.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The page answers at each of its own addresses; it then shows the place that the address names. */
@Controller
class PageRoutes {

    @GetMapping({"/", "/editor/{profileId}", "/editor/{profileId}/charts", "/editor/{profileId}/charts/{chartId}", "/profile/{profileId}",
            "/compare", "/wanted", "/gobos", "/bin", "/intake", "/intake/{id}", "/releases", "/releases/{id}", "/rigs", "/rigs/{id}",
            "/exchange", "/bench", "/bench/walks/{id}", "/bench/hands",
            "/bench/hands/{id}", "/bench/universes", "/bench/picture", "/bench/fixtures"})
    String page() {
        return "forward:/index.html";
    }
}
