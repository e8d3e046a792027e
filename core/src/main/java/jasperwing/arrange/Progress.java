package jasperwing.arrange;

/** Is told how far long work has come, and says whether to go on. Called from the thread that works. */
public interface Progress {
    /** Nobody watches and nobody stops it. */
    Progress UNWATCHED = new Progress() {
        @Override
        public void at(double share) {
            // nobody to tell
        }

        @Override
        public boolean cancelled() {
            return false;
        }
    };

    /** @param share from 0 to 1; never less than before */
    void at(double share);

    boolean cancelled();
}
