package morphotera.e2e;

import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.LifecycleMethodExecutionExceptionHandler;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** Where a test fails, what its visitors had before them is said with it. */
public final class WhatStoodThere
        implements BeforeEachCallback, TestExecutionExceptionHandler, LifecycleMethodExecutionExceptionHandler {
    private static final int WORDS = 1500;

    @Override
    public void beforeEach(ExtensionContext test) {
        Visitor.seen();
    }

    @Override
    public void handleTestExecutionException(ExtensionContext test, Throwable fault) throws Throwable {
        throw told(fault);
    }

    @Override
    public void handleBeforeEachMethodExecutionException(ExtensionContext test, Throwable fault) throws Throwable {
        throw told(fault);
    }

    private static Throwable told(Throwable fault) {
        for (String page : Visitor.seen()) {
            fault.addSuppressed(new Seen(page.substring(0, Math.min(WORDS, page.length()))));
        }
        return fault;
    }

    private static final class Seen extends RuntimeException {
        Seen(String page) {
            super(page, null, false, false);
        }
    }
}
