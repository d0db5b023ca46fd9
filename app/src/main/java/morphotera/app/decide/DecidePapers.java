package morphotera.app.decide;

import morphotera.app.papers.PaperKind;
import morphotera.app.papers.PaperShape;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is decided and kept. */
@Configuration
class DecidePapers {
    @Bean
    PaperShape planShape() {
        return new PaperShape(PaperKind.PLAN, Plans.Kept.class);
    }

    @Bean
    PaperShape pricesShape() {
        return new PaperShape(PaperKind.PRICES, Prices.Kept.class);
    }

    @Bean
    PaperShape rulingShape() {
        return new PaperShape(PaperKind.RULING, Rulings.Kept.class);
    }

    @Bean
    PaperShape trialShape() {
        return new PaperShape(PaperKind.TRIAL, Trials.Kept.class);
    }
}
