package morphotera.app.season;

import java.util.List;
import java.util.Locale;
import morphotera.app.people.Viewer;
import org.springframework.stereotype.Service;

/** Fields, spots, visits and written words, found by a part of them. */
@Service
class Search {
    private static final int MOST = 30;

    private final SearchMapper mapper;

    Search(SearchMapper mapper) {
        this.mapper = mapper;
    }

    List<SearchMapper.Found> find(Viewer viewer, String words) {
        return mapper.find(viewer, like(words), MOST);
    }

    /** Anywhere inside, whatever the capitals; signs that mean something to the database are only themselves. */
    static String like(String words) {
        String plain = words.strip()
                .toLowerCase(Locale.ROOT)
                .replace("!", "!!")
                .replace("%", "!%")
                .replace("_", "!_");
        return "%" + plain + "%";
    }
}
