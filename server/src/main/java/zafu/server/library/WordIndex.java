package zafu.server.library;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StringField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.BooleanClause;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.BoostQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.MatchAllDocsQuery;
import org.apache.lucene.search.PrefixQuery;
import org.apache.lucene.search.Query;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.store.ByteBuffersDirectory;

/**
 * Full text of the library, in memory. Every word asked for must be met, in the title, the text, a question or a tag; a
 * word in its base form, or as the beginning of a longer one, so that typing finds early.
 */
final class WordIndex implements AutoCloseable {
    private static final String ID = "id";
    private static final String TITLE = "title";
    private static final String TEXT = "text";
    private static final float TITLE_WEIGHT = 4;
    private final Analyzer analyzer = new EnglishAnalyzer();
    private final IndexWriter writer;
    private DirectoryReader reader;

    WordIndex() {
        try {
            writer = new IndexWriter(new ByteBuffersDirectory(), new IndexWriterConfig(analyzer));
            reader = DirectoryReader.open(writer);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** What is indexed of an item. */
    record Words(long id, String title, String text) {}

    void put(Collection<Words> changed, Collection<Long> gone) {
        try {
            for (Words each : changed) {
                Document document = new Document();
                document.add(new StringField(ID, String.valueOf(each.id()), Field.Store.YES));
                document.add(new TextField(TITLE, each.title(), Field.Store.NO));
                document.add(new TextField(TEXT, each.title() + "\n" + each.text(), Field.Store.NO));
                writer.updateDocument(new Term(ID, String.valueOf(each.id())), document);
            }
            for (long id : gone) {
                writer.deleteDocuments(new Term(ID, String.valueOf(id)));
            }
            DirectoryReader newer = DirectoryReader.openIfChanged(reader, writer);
            if (newer != null) {
                reader.close();
                reader = newer;
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Every item that meets all of the words, with how well: 1 for the best, others in proportion. */
    Map<Long, Double> find(String words) {
        try {
            IndexSearcher searcher = new IndexSearcher(reader);
            ScoreDoc[] hits = searcher.search(queryOf(words), Math.max(1, reader.numDocs())).scoreDocs;
            Map<Long, Double> found = new LinkedHashMap<>();
            for (ScoreDoc hit : hits) {
                String id = searcher.storedFields().document(hit.doc).get(ID);
                found.put(Long.valueOf(id), (double) hit.score / hits[0].score);
            }
            return found;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private Query queryOf(String words) throws IOException {
        BooleanQuery.Builder all = new BooleanQuery.Builder();
        for (String term : termsOf(words)) {
            all.add(
                    new BooleanQuery.Builder()
                            .add(
                                    new BoostQuery(new TermQuery(new Term(TITLE, term)), TITLE_WEIGHT),
                                    BooleanClause.Occur.SHOULD)
                            .add(new TermQuery(new Term(TEXT, term)), BooleanClause.Occur.SHOULD)
                            .add(new PrefixQuery(new Term(TEXT, term)), BooleanClause.Occur.SHOULD)
                            .build(),
                    BooleanClause.Occur.MUST);
        }
        BooleanQuery query = all.build();
        return query.clauses().isEmpty() ? new MatchAllDocsQuery() : query;
    }

    private List<String> termsOf(String words) throws IOException {
        List<String> terms = new ArrayList<>();
        try (TokenStream tokens = analyzer.tokenStream(TEXT, words)) {
            CharTermAttribute term = tokens.addAttribute(CharTermAttribute.class);
            tokens.reset();
            while (tokens.incrementToken()) {
                terms.add(term.toString());
            }
            tokens.end();
        }
        return terms;
    }

    @Override
    public void close() {
        try {
            reader.close();
            writer.close();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
