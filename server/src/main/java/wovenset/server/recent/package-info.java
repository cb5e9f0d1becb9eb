/** What was used last and is likely to be wanted again, kept in memory within a bound. Knows no other room. */
@org.jspecify.annotations.NullMarked
package wovenset.server.recent;
