package jasperwing.classes.language;

/** The imports of one source file, collected while names are used. */
public interface Imports {
    /**
     * How the file names something: simply, or in full where the simple name means something else here.
     *
     * @param qualified its name in full; what lies in nothing is not imported
     */
    String use(String qualified);

    /** The lines that import what was used so far, each ended, and a blank one behind them where there are any. */
    String lines();
}
