package jasperwing.classes.language;

/** What one source file imports, as it is asked for. */
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
