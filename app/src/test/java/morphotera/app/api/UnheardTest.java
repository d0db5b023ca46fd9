package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.apache.catalina.connector.ClientAbortException;
import org.junit.jupiter.api.Test;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;

class UnheardTest {
    private final Problems problems = new Problems();

    @Test
    void a_phone_that_goes_out_of_reach_while_it_is_answered_is_no_fault_of_ours() {
        assertThat(problems.unheard(new HttpMessageNotWritableException("", new IOException("Broken pipe"))))
                .isNull();
    }

    @Test
    void nor_is_one_that_listened_to_a_stream() {
        assertThat(problems.unheard(new AsyncRequestNotUsableException("gone", new IOException("Broken pipe"))))
                .isNull();
    }

    @Test
    void nor_is_one_that_had_a_picture_sent() {
        assertThat(problems.unheard(new ClientAbortException(new IOException("Broken pipe"))))
                .isNull();
    }

    @Test
    void an_answer_that_cannot_be_written_at_all_is() {
        assertThat(problems.unheard(new HttpMessageNotWritableException("", new IllegalStateException("no such part")))
                        .getStatusCode()
                        .value())
                .isEqualTo(500);
    }
}
