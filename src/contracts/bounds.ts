/**
 * A list on a page holds so many at most: of a class, a set or a club that has gathered more, the newest. No term of a class comes near it; what
 * is longer is found by searching, or in the file of the whole.
 */
export const MOST_LISTED = 500;
