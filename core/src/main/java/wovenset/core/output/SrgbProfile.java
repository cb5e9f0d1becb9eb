package wovenset.core.output;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;

/** The profile of all colours that are written. */
final class SrgbProfile {
    /** The one shipped with the Java platform; not to be changed. */
    static final byte[] BYTES = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    private SrgbProfile() {}
}
