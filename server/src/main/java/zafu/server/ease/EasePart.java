package zafu.server.ease;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** How a student likes to read, as part of their record. */
@Component
class EasePart implements StudentPart {
    private final StudentEaseRepository chosen;

    EasePart(StudentEaseRepository chosen) {
        this.chosen = chosen;
    }

    @Override
    public String name() {
        return "reading";
    }

    @Override
    public Object of(long studentId) {
        return chosen.findById(studentId)
                .map(own -> List.of(Map.of(
                        "textSize", String.valueOf(own.textSize),
                        "spacing", String.valueOf(own.spacing),
                        "typeface", String.valueOf(own.typeface),
                        "colours", String.valueOf(own.colours),
                        "language", String.valueOf(own.language),
                        "lineFocus", own.lineFocus,
                        "clockHidden", own.clockHidden)))
                .orElse(List.of());
    }

    @Override
    public void erase(long studentId) {
        chosen.deleteById(studentId);
    }
}
