package wovenset.server.setting;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wovenset.core.scene.SharpnessLimits;
import wovenset.server.web.RequiredFields;

/** Settings over HTTP. */
@RestController
@RequestMapping("/api/settings")
class SettingController {
    private final SettingService settings;

    SettingController(SettingService settings) {
        this.settings = settings;
    }

    @GetMapping("/sharpness")
    SharpnessLimits sharpness() {
        return settings.sharpness();
    }

    @PutMapping("/sharpness")
    SharpnessLimits setSharpness(@RequestBody SharpnessLimits limits) {
        settings.setSharpness(RequiredFields.check(limits));
        return settings.sharpness();
    }

    @GetMapping("/keeping")
    Keeping keeping() {
        return settings.keeping();
    }

    @PutMapping("/keeping")
    Keeping setKeeping(@RequestBody Keeping keeping) {
        settings.setKeeping(RequiredFields.check(keeping));
        return settings.keeping();
    }
}
