package morphotera.measure.methods;

import static morphotera.Tables.evaluate;
import static morphotera.measure.methods.Reading.of;
import static morphotera.measure.methods.Results.flags;
import static morphotera.measure.methods.Results.refusals;
import static morphotera.measure.methods.Results.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import morphotera.Draws;
import morphotera.measure.Evaluation;
import org.junit.jupiter.api.Test;

/** What is given in shares: ground cover and the pieces of a dropped cube. */
class CoverAndClodsTest {
    private static Map<String, Object> cover(double live, double litter, double stone, double bare) {
        return of("live", live, "litter", litter, "stone", stone, "bare", bare);
    }

    private static List<String> points(int live, int litter, int stone, int bare) {
        List<String> points = new ArrayList<>();
        for (int i = 0; i < live; i++) points.add("live");
        for (int i = 0; i < litter; i++) points.add("litter");
        for (int i = 0; i < stone; i++) points.add("stone");
        for (int i = 0; i < bare; i++) points.add("bare");
        return points;
    }

    private static Map<String, Object> dropped(double under5, double to20, double to75, double over) {
        return of("drops", 2, "share", of("under5mm", under5, "5to20mm", to20, "20to75mm", to75, "over75mm", over));
    }

    @Test
    void points_under_a_line_and_shares_say_the_same() {
        Evaluation points = evaluate("ground-cover", Map.of(), of("hits", points(20, 10, 4, 16)));
        Evaluation shares = evaluate("ground-cover", Map.of(), cover(40, 20, 8, 32));
        assertThat(value(points, "cover")).isEqualTo(60);
        assertThat(value(points, "bare")).isEqualTo(32);
        assertThat(points.score()).isEqualTo(shares.score()).isEqualTo(62.5);
    }

    @Test
    void shares_a_hair_off_a_hundred_are_divided_by_their_sum() {
        assertThat(value(evaluate("ground-cover", Map.of(), cover(50, 30, 5, 16)), "cover"))
                .isCloseTo(8000 / 101.0, within(1e-9));
        assertThat(refusals("ground-cover", cover(50, 30, 5, 17))).containsExactly("/reading sum-not-100");
    }

    @Test
    void on_stony_ground_half_of_the_stone_counts_as_mulch() {
        Evaluation stony = evaluate("ground-cover", Map.of(), cover(20, 10, 30, 40));
        assertThat(value(stony, "cover")).isEqualTo(45);
        assertThat(flags(stony)).containsExactly("stony");
        Evaluation lessStony = evaluate("ground-cover", Map.of(), cover(20, 10, 29, 41));
        assertThat(value(lessStony, "cover")).isEqualTo(30);
        assertThat(flags(lessStony)).isEmpty();
    }

    @Test
    void cover_is_given_one_way_and_whole() {
        assertThat(refusals("ground-cover", of("live", 40, "stone", 10)))
                .containsExactlyInAnyOrder("/reading/litter missing", "/reading/bare missing");
        assertThat(refusals("ground-cover", Map.of())).containsExactly("/reading/live missing");
        Map<String, Object> both = cover(40, 20, 8, 32);
        both.put("hits", points(20, 0, 0, 0));
        assertThat(refusals("ground-cover", both)).containsExactly("/reading/hits given-twice");
        assertThat(refusals("ground-cover", of("hits", points(19, 0, 0, 0)))).contains("/reading/hits too-few");
    }

    @Test
    void more_cover_never_scores_lower() {
        Draws.each(50, draw -> {
            int covered = draw.whole(0, 99);

            double less = evaluate("ground-cover", Map.of(), cover(covered, 0, 0, 100 - covered))
                    .score();
            double more = evaluate("ground-cover", Map.of(), cover(covered + 1, 0, 0, 99 - covered))
                    .score();
            assertThat(more).isGreaterThanOrEqualTo(less);
        });
    }

    @Test
    void pieces_are_weighed_by_the_middle_of_their_size() {
        Evaluation got = evaluate("drop-shatter", Map.of("texture", "loam"), dropped(20, 30, 30, 20));
        assertThat(value(got, "fineShare")).isEqualTo(50);
        assertThat(value(got, "meanPiece")).isCloseTo(0.5 + 3.75 + 14.25 + 20, within(1e-9));
        assertThat(got.score()).isEqualTo(60);
        assertThat(flags(got)).isEmpty();
    }

    @Test
    void powder_is_not_crumbs_and_sand_is_not_scored() {
        Evaluation powder = evaluate("drop-shatter", Map.of("texture", "loam"), dropped(81, 10, 5, 4));
        assertThat(powder.score()).isEqualTo(60);
        assertThat(flags(powder)).containsExactly("powder");
        assertThat(evaluate("drop-shatter", Map.of("texture", "loam"), dropped(80, 11, 5, 4))
                        .score())
                .isEqualTo(100);
        Evaluation sand = evaluate("drop-shatter", Map.of("texture", "sandy-loam"), dropped(81, 10, 5, 4));
        assertThat(sand.score()).isNull();
        assertThat(flags(sand)).isEmpty();
        assertThat(evaluate("drop-shatter", Map.of(), dropped(20, 30, 30, 20)).score())
                .isEqualTo(60);
    }

    @Test
    void shares_of_pieces_make_a_hundred_and_drops_one_to_three() {
        assertThat(refusals("drop-shatter", dropped(20, 30, 30, 22))).containsExactly("/reading/share sum-not-100");
        Map<String, Object> often = dropped(20, 30, 30, 21);
        often.put("drops", 4);
        assertThat(refusals("drop-shatter", often)).containsExactly("/reading/drops out-of-range");
    }

    @Test
    void finer_pieces_never_score_lower_short_of_powder() {
        Draws.each(50, draw -> {
            double fine = draw.from(0, 79);

            double less = evaluate("drop-shatter", Map.of("texture", "clay"), dropped(fine, 0, 0, 100 - fine))
                    .score();
            double more = evaluate("drop-shatter", Map.of("texture", "clay"), dropped(fine + 1, 0, 0, 99 - fine))
                    .score();
            assertThat(more).isGreaterThanOrEqualTo(less);
        });
    }
}
