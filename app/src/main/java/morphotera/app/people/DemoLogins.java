package morphotera.app.people;

import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The logins shown on the sign-in page of the demo, and only there. */
@Component
public class DemoLogins {
    private final boolean on;
    private final String password;

    DemoLogins(@Value("${morphotera.demo}") boolean on, @Value("${morphotera.demo-password}") String password) {
        this.on = on;
        this.password = password;
    }

    public List<String> logins() {
        return on
                ? List.of(
                        "adviser@tidewrack.example",
                        "second@tidewrack.example",
                        "grower@hallowquay.example",
                        "other@farside.example")
                : List.of();
    }

    public String password() {
        return on ? password : null;
    }
}
