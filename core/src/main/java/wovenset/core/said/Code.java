package wovenset.core.said;

/** Names one thing that can be said; the catalogue of words has an entry for each. */
public interface Code {
    String code();
}
