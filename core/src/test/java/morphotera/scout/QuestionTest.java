package morphotera.scout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

class QuestionTest {
    @Test
    void every_question_asks_only_for_tests_there_are() {
        assertThat(Arrays.stream(Question.values()).flatMap(one -> one.methods().stream()))
                .allSatisfy(id -> assertThat(Methods.find(id)).isPresent());
    }

    @Test
    void every_question_but_the_repeat_brings_its_own_tests() {
        assertThat(Arrays.stream(Question.values()).filter(one -> one.methods().isEmpty()))
                .containsExactly(Question.BEFORE_AND_AFTER);
    }

    @Test
    void the_start_card_names_each_danger_once() {
        assertThat(StartCard.ITEMS.stream().map(StartCard.Item::id))
                .doesNotHaveDuplicates()
                .contains("lines", "clean");
    }
}
