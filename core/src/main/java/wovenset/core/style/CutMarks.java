package wovenset.core.style;

/** Whether fine lines show where photos are to be cut out of a sheet. */
public enum CutMarks {
    NONE,
    /** Hairlines beyond each photo's corners, in the gaps and margins. */
    FINE
}
