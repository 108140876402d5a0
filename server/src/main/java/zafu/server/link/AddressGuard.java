package zafu.server.link;

import java.net.Inet6Address;
import java.net.InetAddress;

/** Tells addresses of the world from those of a network of one's own, which a link must never lead a server into. */
final class AddressGuard {
    private AddressGuard() {}

    static boolean isOutside(InetAddress address) {
        return !(address.isLoopbackAddress()
                || address.isAnyLocalAddress()
                || address.isLinkLocalAddress()
                || address.isSiteLocalAddress()
                || address.isMulticastAddress()
                || isSharedOrReserved(address.getAddress())
                || isInsideSixth(address));
    }

    /** 100.64.0.0/10 lies between provider and customer; 0/8, 192.0.0/24, 198.18/15 and 240/4 are nobody's. */
    private static boolean isSharedOrReserved(byte[] bytes) {
        if (bytes.length != 4) {
            return false;
        }
        int first = bytes[0] & 0xff;
        int second = bytes[1] & 0xff;
        return first == 0
                || (first == 100 && (second & 0xc0) == 64)
                || (first == 192 && second == 0 && bytes[2] == 0)
                || (first == 198 && (second == 18 || second == 19))
                || first >= 240;
    }

    /** fc00::/7 is a site's own; the others carry a fourth-version address within. */
    private static boolean isInsideSixth(InetAddress address) {
        if (!(address instanceof Inet6Address sixth)) {
            return false;
        }
        byte[] bytes = sixth.getAddress();
        boolean own = (bytes[0] & 0xfe) == 0xfc;
        boolean translated =
                bytes[0] == 0 && bytes[1] == 0x64 && (bytes[2] & 0xff) == 0xff && (bytes[3] & 0xff) == 0x9b;
        boolean tunnelled = bytes[0] == 0x20 && bytes[1] == 0x02;
        return own || translated || tunnelled || sixth.isIPv4CompatibleAddress();
    }
}
