package zafu.server.measure;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.measure.MeasureApi.CutsShown;
import zafu.server.measure.MeasureApi.MadeMeasure;
import zafu.server.measure.MeasureApi.MeasureEdit;

/** Measures and their benchmarks: what scores are taken on. */
@RestController
class MeasureController {
    private final MeasureService service;

    MeasureController(MeasureService service) {
        this.service = service;
    }

    @GetMapping("/api/measures")
    List<Measures.MeasureCard> measures() {
        return service.all();
    }

    @PostMapping("/api/measures")
    MadeMeasure create(@Valid @RequestBody MeasureEdit wanted) {
        return new MadeMeasure(service.create(wanted));
    }

    @PutMapping("/api/measures/{measureId}")
    void change(@PathVariable long measureId, @Valid @RequestBody MeasureEdit wanted) {
        service.change(measureId, wanted);
    }

    @GetMapping("/api/measures/{measureId}/cuts")
    List<CutsShown> cuts(@PathVariable long measureId) {
        return service.cuts(measureId);
    }

    @PutMapping("/api/measures/{measureId}/cuts")
    void setCuts(@PathVariable long measureId, @Valid @RequestBody CutsShown wanted) {
        service.setCuts(measureId, wanted);
    }
}
