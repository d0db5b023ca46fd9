package morphotera.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.LifecycleMethodExecutionExceptionHandler;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Where a test fails, what its visitors had before them stands with the failure, and as a picture under {@code target/failed}. */
public final class WhatStoodThere implements TestExecutionExceptionHandler, LifecycleMethodExecutionExceptionHandler {
    private static final int WORDS = 1500;

    @Override
    public void handleTestExecutionException(ExtensionContext test, Throwable fault) throws Throwable {
        throw told(test, fault);
    }

    @Override
    public void handleBeforeEachMethodExecutionException(ExtensionContext test, Throwable fault) throws Throwable {
        throw told(test, fault);
    }

    private static Throwable told(ExtensionContext test, Throwable fault) {
        int visitor = 0;
        for (Page page : Visitor.pages()) {
            try {
                String words = page.locator("body").innerText().replace('\n', ' ');
                fault.addSuppressed(new Shown(page.url() + ": " + words.substring(0, Math.min(WORDS, words.length()))));
                page.screenshot(new Page.ScreenshotOptions()
                        .setPath(Path.of("target", "failed", test.getDisplayName() + visitor++ + ".png")));
            } catch (PlaywrightException gone) {
                fault.addSuppressed(gone);
            }
        }
        return fault;
    }

    private static final class Shown extends RuntimeException {
        Shown(String page) {
            super(page, null, false, false);
        }
    }
}
