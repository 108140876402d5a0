package zafu.core.grouping;

/**
 * Blocks that leave one group for another, and those that come back in their stead; either side may be none. One block
 * can so be exchanged against several, where sizes would not let it go alone.
 *
 * @param out blocks of the group {@code from}
 * @param back blocks of the group {@code to}
 */
record Exchange(int from, int to, int[] out, int[] back) {
    static Exchange move(int block, int from, int to) {
        return new Exchange(from, to, new int[] {block}, new int[0]);
    }

    static Exchange swap(int one, int from, int other, int to) {
        return new Exchange(from, to, new int[] {one}, new int[] {other});
    }
}
