package wovenset.core.ink;

/** What covers a surface. */
public sealed interface Paint {
    /** One colour that stands for it in a small drawing. */
    Rgb colour();

    /** One colour. */
    record Solid(Rgb colour) implements Paint {}
}
