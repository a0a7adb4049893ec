package wexilla.app.doors;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wexilla.app.platform.Asked;
import wexilla.app.platform.Problem;
import wexilla.app.platform.Role;
import wexilla.app.platform.Visitor;
import wexilla.core.kitchen.house.Household;

/** Who belongs to the household, on which devices, and who is invited: for its cooks. */
@RestController
class MembersController {

    private static final int LONGEST_NAME = 40;
    private static final int MOST_MEMBERS = 30;

    private final Members members;
    private final Sessions sessions;
    private final String address;

    /** @param address the kitchen answers to on the network of the house; blank where it is on this machine alone */
    MembersController(Members members, Sessions sessions, @Value("${wexilla.lan.address:}") String address) {
        this.members = members;
        this.sessions = sessions;
        this.address = address;
    }

    /** @param seen ISO date and time in the household's zone; @param here whether it is the one that asks */
    record DeviceView(String handle, String name, String seen, boolean here) {}

    record MemberView(UUID id, String name, Role role, boolean you, List<DeviceView> devices) {}

    /** @param phrase whether one is set; @param network whether phones of the house reach this kitchen */
    record MembersView(boolean phrase, boolean network, List<MemberView> members) {}

    @GetMapping("/api/door/members")
    MembersView members(Household household, HttpServletRequest request) {
        DoorController.cook();
        HttpSession own = request.getSession(false);
        UUID you = Visitor.now().map(Visitor::member).orElse(null);
        return new MembersView(
                members.locked(household.id()),
                !address.isBlank(),
                members.all(household.id()).stream()
                        .map(one -> new MemberView(
                                one.id(),
                                one.name(),
                                one.role(),
                                one.id().equals(you),
                                sessions.devices(household.id(), one.id()).stream()
                                        .map(device -> new DeviceView(
                                                device.handle(),
                                                device.name(),
                                                household.timeOf(device.seen()),
                                                own != null && own.getId().equals(device.session())))
                                        .toList()))
                        .toList());
    }

    /** @param id null for somebody new */
    record MemberInput(@Nullable UUID id, String name, Role role) {}

    /** @param code to be typed, {@code address} and {@code qr} to be opened; @param until ISO date and time in the household's zone */
    record InvitationView(UUID member, String name, String code, String address, List<String> qr, String until) {}

    /** Somebody new is invited at once; who is there already gets another name or role. */
    @PostMapping("/api/door/members")
    InvitationView member(Household household, @RequestBody MemberInput input, HttpServletRequest request) {
        DoorController.cook();
        locked(household);
        List<Members.Member> all = members.all(household.id());
        String name = Asked.name("/name", input.name(), LONGEST_NAME);
        if (all.stream()
                .anyMatch(one -> one.name().equalsIgnoreCase(name) && !one.id().equals(input.id()))) {
            throw Problem.at("/name", "There is a " + name + " already; write a name that tells them apart.");
        }
        if (input.id() == null && all.size() >= MOST_MEMBERS) {
            throw Problem.at("/name", MOST_MEMBERS + " members are the most.");
        }
        UUID id = input.id() == null
                ? UUID.randomUUID()
                : of(household, input.id()).id();
        if (input.role() != Role.COOK) {
            leaveACook(all, id);
        }
        Members.Member saved = members.save(new Members.Member(household.id(), id, name, input.role()));
        // what a device may do is written down with its session
        sessions.endAll(household.id(), id, "");
        return invite(household, saved, request);
    }

    @PostMapping("/api/door/members/{id}/invite")
    InvitationView invite(Household household, @PathVariable UUID id, HttpServletRequest request) {
        DoorController.cook();
        locked(household);
        return invite(household, of(household, id), request);
    }

    record Gone(String subject) {}

    @PostMapping("/api/door/members/{id}/remove")
    Gone remove(Household household, @PathVariable UUID id) {
        DoorController.cook();
        Members.Member member = of(household, id);
        leaveACook(members.all(household.id()), id);
        members.remove(member);
        sessions.endAll(household.id(), id, "");
        return new Gone(member.name() + " comes in no more");
    }

    /** A lost phone. */
    @PostMapping("/api/door/devices/{handle}/end")
    Gone end(Household household, @PathVariable String handle) {
        DoorController.cook();
        for (Members.Member member : members.all(household.id())) {
            for (Sessions.Device device : sessions.devices(household.id(), member.id())) {
                if (device.handle().equals(handle)) {
                    sessions.endOne(device);
                    return new Gone(member.name() + ", " + device.name() + ": signed out");
                }
            }
        }
        throw Problem.missing("Nobody is signed in on this device any more.");
    }

    private Members.Member of(Household household, UUID id) {
        return members.find(household.id(), id)
                .orElseThrow(() -> Problem.missing("Nobody like that belongs to this household."));
    }

    private void locked(Household household) {
        if (!members.locked(household.id())) {
            throw Problem.at("/phrase", "Set a pass phrase first: until then this machine alone is the kitchen.");
        }
    }

    private static void leaveACook(List<Members.Member> all, UUID id) {
        if (all.stream().noneMatch(one -> one.role() == Role.COOK && !one.id().equals(id))
                && all.stream().anyMatch(one -> one.id().equals(id))) {
            throw Problem.at("/role", "A household needs a cook: make somebody else one first.");
        }
    }

    private InvitationView invite(Household household, Members.Member member, HttpServletRequest request) {
        String code = Codes.fresh();
        members.invite(member, code);
        String here = address.isBlank() ? request.getScheme() + "://" + request.getHeader(HttpHeaders.HOST) : address;
        String come = here + "/come-in#" + code;
        return new InvitationView(
                member.id(), member.name(), code, come, Codes.qr(come), household.timeOf(members.invitedUntil()));
    }
}
