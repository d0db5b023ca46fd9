package morphotera.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;

/** What axe finds wrong on a page, by the rules of WCAG 2.2 to AA. */
final class Accessible {
    /**
     * Contrast is two thirds of the work, word by word: of words of one look, under parents of one look, one is judged. In a
     * drawing it cannot be judged at all.
     */
    private static final String LOOKS = """
            () => {
              const look = (one) => `${one.tagName} ${one.className} ${one.style.cssText}`;
              const ground = (one) => {
                const own = getComputedStyle(one);
                return `${own.backgroundColor} ${own.backgroundImage} ${own.opacity}`;
              };
              const words = (one) =>
                'value' in one || [...one.childNodes].some((child) => child.nodeType === 3 && child.data.trim());
              const parents = new Map();
              const under = (one) => {
                if (!parents.has(one)) parents.set(one, `${under(one.parentElement)} > ${look(one)} ${ground(one)}`);
                return parents.get(one);
              };
              window.oneOfEachLook = (part) => {
                parents.clear();
                parents.set(null, '');
                const seen = new Set();
                return [...document.querySelector(part).querySelectorAll('*:not(svg, svg *)')].filter((one) => {
                  if (!words(one)) return false;
                  const own = getComputedStyle(one);
                  const all = `${under(one)} ${own.color} ${own.fontSize} ${own.fontWeight}`;
                  return !seen.has(all) && seen.add(all);
                });
              };
              axe.configure({ rules: [{ id: 'color-contrast', selector: '[data-one-of-its-look]' }] });
            }""";

    /** What is wrong alone: to list all that is right takes longer than the looking. */
    private static final String WRONG = """
            async (part) => {
              const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
              const judged = window.oneOfEachLook(part);
              for (const one of judged) one.dataset.oneOfItsLook = '';
              try {
                const found = await axe.run(part, { runOnly: tags, resultTypes: ['violations'] });
                return found.violations.map(
                  (rule) => `${rule.id}: ${rule.help} ${rule.nodes.slice(0, 3).map((node) => node.html)}`,
                );
              } finally {
                for (const one of judged) delete one.dataset.oneOfItsLook;
              }
            }""";

    private Accessible() {}

    @SuppressWarnings("unchecked")
    static List<String> wrong(Page page, String part) {
        if ((boolean) page.evaluate("() => typeof axe === 'undefined'")) {
            page.evaluate(AxeBuilder.getAxeScript());
            page.evaluate(LOOKS);
        }
        return (List<String>) page.evaluate(WRONG, part);
    }
}
