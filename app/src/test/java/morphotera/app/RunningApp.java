package morphotera.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * The real application with the demo scenario, started once for all tests of a process, on a free port and a fresh data
 * folder; it ends with the process.
 */
public final class RunningApp implements BeforeAllCallback {
    private static ConfigurableApplicationContext context;

    @Override
    public void beforeAll(ExtensionContext test) throws Exception {
        synchronized (RunningApp.class) {
            if (context == null) {
                context = start("--morphotera.demo=true");
            }
        }
    }

    /** Another one, for a test that breaks it. */
    public static ConfigurableApplicationContext start(String... arguments) throws Exception {
        // Beside what is built, where the next verify clears it away.
        Path all = Files.createDirectories(Path.of("target", "data").toAbsolutePath());
        return on(Files.createTempDirectory(all, "server"), arguments);
    }

    /** Another one, on data that is there. */
    public static ConfigurableApplicationContext on(Path data, String... arguments) {
        List<String> all = new ArrayList<>(List.of(
                "--server.port=0",
                "--morphotera.data=" + data,
                "--morphotera.today=2031-05-14",
                "--morphotera.rehearse=false"));
        all.addAll(List.of(arguments));
        return SpringApplication.run(
                new Class<?>[] {Morphotera.class, QuickPasswords.class}, all.toArray(String[]::new));
    }

    /** Passwords are hashed as at home with a hundredth of the work, which took a fifth of these tests' time. */
    static final class QuickPasswords {
        @Bean
        @Primary
        PasswordEncoder quickPasswords() {
            return new Argon2PasswordEncoder(16, 32, 1, 1 << 8, 1);
        }
    }

    public static String property(String name) {
        return context.getEnvironment().getProperty(name);
    }

    public static int port() {
        return port(context);
    }

    public static int port(ConfigurableApplicationContext context) {
        return ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    public static <T> T bean(Class<T> type) {
        return context.getBean(type);
    }
}
