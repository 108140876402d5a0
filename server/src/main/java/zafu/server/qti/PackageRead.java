package zafu.server.qti;

import java.util.List;
import java.util.Map;
import zafu.server.library.ItemDraft;

/**
 * What a package holds.
 *
 * @param items that can be taken; pictures in them are named {@code package:NAME} until they are kept
 * @param files bytes of the pictures and sheets that the items name
 * @param changed what is not quite as in the file
 * @param leftOut what cannot be taken
 */
record PackageRead(List<ItemDraft> items, Map<String, byte[]> files, List<Finding> changed, List<Finding> leftOut) {

    /** @param where the part of the package it is about */
    record Finding(String where, String why) {}
}
