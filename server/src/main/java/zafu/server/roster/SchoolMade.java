package zafu.server.roster;

/** A school was set up: features put in what a new school begins with. */
public record SchoolMade() {}
