package zafu.server.access;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;

/** Who counts as one by their address. */
final class NetworkOf {
    private NetworkOf() {}

    /** An address of IPv4, or the network of one of IPv6: whoever has one has the 2⁶⁴ addresses of its network. */
    static String address(String said) {
        try {
            InetAddress address = InetAddress.getByName(said);
            return address instanceof Inet6Address
                    ? Arrays.toString(Arrays.copyOf(address.getAddress(), 8))
                    : address.getHostAddress();
        } catch (UnknownHostException unreadable) {
            return said;
        }
    }
}
