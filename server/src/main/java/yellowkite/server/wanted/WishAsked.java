package yellowkite.server.wanted;

/** Somebody wishes for a profile. */
public record WishAsked(Wishes.OpenWish wish) {}
