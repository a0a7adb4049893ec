package wexilla.app.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;
import wexilla.core.plan.ahead.Diary;

/** Entries as an iCalendar file (RFC 5545), in the zone of the household with its rules of summer time. */
@Component
public class CalendarFile {

    /** @param name of the calendar; @param stamp when it was written */
    public byte[] of(String name, List<Diary.Entry> entries, ZoneId zone, Instant stamp) {
        TimeZone known = TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId());
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Wexilla//Plan//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        if (known != null) {
            calendar.add(known.getVTimeZone());
        }
        entries.forEach(entry -> calendar.add(event(entry, known == null ? ZoneOffset.UTC : zone, zone, stamp)));
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            new CalendarOutputter(false).output(calendar, bytes);
            return bytes.toByteArray();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** @param written the zone it is written in: UTC for one that has no name */
    private static VEvent event(Diary.Entry entry, ZoneId written, ZoneId zone, Instant stamp) {
        VEvent event =
                new VEvent(entry.start().atZone(zone).withZoneSameInstant(written), entry.length(), entry.title());
        event.getProperty("DTSTAMP").ifPresent(event::remove);
        event.add(new DtStamp(stamp));
        event.add(new Uid(entry.id() + "@wexilla"));
        if (!entry.note().isEmpty()) {
            event.add(new Description(entry.note()));
        }
        if (entry.remind()) {
            VAlarm alarm = new VAlarm();
            alarm.add(new Trigger(new ParameterList(List.of(Related.START)), Duration.ZERO));
            alarm.add(ImmutableAction.DISPLAY);
            alarm.add(new Description(entry.title()));
            event.add(alarm);
        }
        return event;
    }
}
