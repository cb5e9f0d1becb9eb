package wovenset.core.colour;

import com.sun.jna.Library;
import com.sun.jna.Native;
import com.sun.jna.Pointer;
import org.jspecify.annotations.Nullable;

/** What is called of Debian's Little CMS (liblcms2-2), which comes with the Java platform there, by its own names. */
interface LittleCms extends Library {
    LittleCms CMS = Native.load("lcms2", LittleCms.class);

    /** Blue, green, red, 8 bits each; with a fourth sample that is left alone. */
    int BGR = 4 << 16 | 3 << 3 | 1 | 1 << 10;

    int BGRX = 4 << 16 | 1 << 7 | 3 << 3 | 1 | 1 << 10 | 1 << 14;
    /** Cyan, magenta, yellow, black, 8 bits each, 255 for solid ink. */
    int INKS = 6 << 16 | 4 << 3 | 1;

    int GREY = 3 << 16 | 1 << 3 | 1;

    int RELATIVE = 1;
    /** Black point compensation; and no memory of the last colour, so that threads may share a transform. */
    int FLAGS = 0x2000 | 0x0040;

    int RGB_DATA = 0x52474220;
    int GREY_DATA = 0x47524159;
    int CMYK_DATA = 0x434D594B;

    @Nullable
    Pointer cmsOpenProfileFromMem(byte[] profile, int length);

    Pointer cmsCreate_sRGBProfile();

    boolean cmsCloseProfile(Pointer profile);

    int cmsGetColorSpace(Pointer profile);

    @Nullable
    Pointer cmsCreateTransform(Pointer from, int fromFormat, Pointer to, int toFormat, int intent, int flags);

    void cmsDoTransform(Pointer transform, Pointer from, Pointer to, int pixels);

    void cmsDeleteTransform(Pointer transform);
}
