package jasperwing.findings;

import jasperwing.model.Edit;

/** One way to mend a finding; the title says what the edit does. */
public record Fix(String title, Edit edit) {}
