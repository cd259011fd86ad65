using RoundCrumb.Formats.Calendars;

namespace RoundCrumb.Formats.Tests;

public class CalendarTests
{
    private static readonly DateTimeOffset Ten = new(2027, 3, 6, 10, 0, 0, TimeSpan.Zero);

    private static readonly DateOnly Saturday = new(2027, 3, 6);

    private static CalendarEntry Entry(string uid, DateTimeOffset start) =>
        new(
            uid, "A Roll and line: Malt custard pie × 2", "Roll to a disc, line the pan; \"even\", no thin spots.\nChill it.", start,
            start.AddMinutes(25), "Early baker", 5);

    [Fact]
    public void What_is_written_is_read_back()
    {
        var text = CalendarFile.Write("Saturday", [Entry("o1.3.x@roundcrumb", Ten), Entry("o1.4.x@roundcrumb", Ten.AddHours(1))], 7, Ten);
        text.ShouldContain("BEGIN:VALARM");
        text.ShouldContain("TRIGGER:-PT5M");
        text.ShouldContain("SEQUENCE:7");
        text.ShouldContain("UID:o1.3.x@roundcrumb");
        text.ShouldContain("DTSTART:20270306T100000Z");
        var read = CalendarFile.Read(text, TimeZoneInfo.Utc);
        read.Trouble.ShouldBeEmpty();
        read.Entries.Select(e => (e.Uid, e.Start)).ShouldBe([("o1.3.x@roundcrumb", Ten), ("o1.4.x@roundcrumb", Ten.AddHours(1))]);

        // Written again it names the same things: a calendar changes them and adds none.
        CalendarFile.Read(CalendarFile.Write("Saturday", [Entry("o1.3.x@roundcrumb", Ten.AddMinutes(15))], 8, Ten), TimeZoneInfo.Utc)
            .Entries.Single().ShouldBe(("o1.3.x@roundcrumb", "A Roll and line: Malt custard pie × 2", Ten.AddMinutes(15)));
    }

    [Fact]
    public void A_time_of_another_zone_is_the_same_moment()
    {
        const string Text =
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20270301T000000Z\r\nDTSTART;TZID=Europe/Berlin:20270306T110000\r\nDTEND;TZID=Europe/Berlin:20270306T113000\r\nSUMMARY:x\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        CalendarFile.Read(Text, TimeZoneInfo.Utc).Entries.Single().Start.ShouldBe(Ten);
    }

    [Theory]
    [InlineData("")]
    [InlineData("hello")]
    [InlineData("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n")]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:x\r\nDTSTART:yesterday\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n")]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT")]
    public void What_is_no_calendar_says_so(string text)
    {
        var read = CalendarFile.Read(text, TimeZoneInfo.Utc);
        read.Entries.ShouldBeEmpty();
        read.Trouble.ShouldNotBeNullOrWhiteSpace();
    }

    [Fact]
    public void A_table_is_written_and_its_beginnings_are_read_back()
    {
        var text = DayTable.Write(
            [new("o1.3", "2027-03-06", "10:00", "10:25", 25, "Early baker", "Roll and line", "Malt, \"best\" pie × 2", 2, "=1+1")]);
        text.ShouldStartWith("Key,Date,Start,End,Minutes,Who,What,Pie,Count,Do\r\n");

        // What a spreadsheet would take for a formula is not one.
        text.ShouldNotContain(",=1+1");
        var (lines, troubles) = DayTable.Read(text, Saturday, 1);
        lines.ShouldBe([("o1.3", new DateTime(2027, 3, 6, 10, 0, 0))]);
        troubles.ShouldBeEmpty();
    }

    [Fact]
    public void A_table_with_nonsense_in_it_says_where()
    {
        var (lines, troubles) = DayTable.Read(
            "key,date,start\r\na,2027-03-06,9:15\r\nb,2027-13-06,09:15\r\n,,\r\nc,06/03/2027,10:00\r\n", Saturday, 1);
        lines.Select(l => l.Key).ShouldBe(["a", "c"]);
        troubles.Single().ShouldStartWith("Line 3");
        DayTable.Read("what,when\r\n1,2", Saturday, 1).Troubles.Single().ShouldContain("Key");
        DayTable.Read("", Saturday, 1).Troubles.ShouldNotBeEmpty();
    }

    [Fact]
    public void A_time_that_says_no_place_is_meant_where_the_kitchen_is()
    {
        // Two hours ahead of the sun, all year: eleven on the wall is nine of the sun's.
        const string Text =
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//EN\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20270301T000000Z\r\nDTSTART:20270306T110000\r\nSUMMARY:x\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:b\r\nDTSTAMP:20270301T000000Z\r\nDTSTART;VALUE=DATE:20270306\r\nSUMMARY:all "
                + "day\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        var read = CalendarFile.Read(Text, TimeZoneInfo.CreateCustomTimeZone("lock", TimeSpan.FromHours(2), "Lock", "Lock"));
        read.Entries.Single().ShouldBe(("a", "x", Ten.AddHours(-1)));
    }

    [Theory]
    [InlineData("key,date,start\na,2027-03-06,09:15\n")]
    [InlineData("Key;Date;Start;End;Minutes\r\na;06/03/2027;9:15;09:40;25\r\n")]
    [InlineData("Key\tDate\tStart\r\na\t06.03.2027\t09:15:00\r\n")]
    [InlineData("KEY, DATE, START\r\na, 3/6/2027, 9:15 AM\r\n")]
    [InlineData("Start,What,Date,Key\r\n9.15,\"Roll, and line\",6-Mar-27,a\r\n")]
    [InlineData("Key;Date;Start\r\na;6/3/27;9:15\r\n")]
    [InlineData("Key;Date;Start;Do\r\na;06/03/2027;9:15;\"Line, fill, bake,\r\ncool\"\r\n")]
    [InlineData("Key,Date,Start,Do\r\na,2027-03-06,09:15,Line; fill; bake; cool\r\n")]
    public void A_table_that_went_through_a_spreadsheet_is_read_all_the_same(string text)
    {
        var (lines, troubles) = DayTable.Read(text, Saturday.AddDays(-1), 2);
        troubles.ShouldBeEmpty();
        lines.ShouldBe([("a", new DateTime(2027, 3, 6, 9, 15, 0))]);
    }

    [Fact]
    public void A_date_that_reads_two_ways_is_the_one_of_these_days()
    {
        // 6/3 and 3/6: March for a day in March, June for one in June; of neither, the day comes first.
        const string Text = "key,date,start\r\na,6/3/2027,10:00\r\n";
        DayTable.Read(Text, Saturday, 1).Lines.Single().Start.ShouldBe(new DateTime(2027, 3, 6, 10, 0, 0));
        DayTable.Read(Text, new(2027, 6, 2), 3).Lines.Single().Start.ShouldBe(new DateTime(2027, 6, 3, 10, 0, 0));
        DayTable.Read(Text, new(2027, 9, 1), 3).Lines.Single().Start.ShouldBe(new DateTime(2027, 3, 6, 10, 0, 0));
    }
}
