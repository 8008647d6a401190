package didaxis.server.print;

import didaxis.server.print.PrintJobs.JobView;
import java.net.URI;
import java.util.function.Function;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;

/** A document's pages, or the print that sets them. */
public sealed interface SetPages {
    <T> T match(Function<PrintedPages, T> there, Function<JobView, T> underWay);

    /** Pages that are there. */
    record There(PrintedPages pages) implements SetPages {
        @Override
        public <T> T match(Function<PrintedPages, T> there, Function<JobView, T> underWay) {
            return there.apply(pages);
        }
    }

    /** Pages that will be there when their print is done. */
    record UnderWay(JobView print) implements SetPages {
        @Override
        public <T> T match(Function<PrintedPages, T> there, Function<JobView, T> underWay) {
            return underWay.apply(print);
        }
    }

    /** The file, or the screen that tells how far its print is and shows it then. */
    default ResponseEntity<byte[]> answer() {
        return match(
                pages -> ResponseEntity.ok(pages.pdf()),
                print -> ResponseEntity.status(HttpStatus.SEE_OTHER)
                        .location(URI.create("/prints/" + print.id()))
                        .build());
    }
}
