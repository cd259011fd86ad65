using System.Globalization;
using OpenQA.Selenium;

namespace RoundCrumb.Browser.Tests;

/// <summary>The bench as bakers use it: several devices in step, a network that goes, a computer that dies.</summary>
[Collection(OneTeaRoom.Name)]
public sealed class BenchTests(TeaRoom room)
{
    private const string Now = "#bench-live .task[data-task]:not([hidden])";

    /// <summary>Makes a batch sheet of a pie of the demo and begins it.</summary>
    private static void Begin(Baker baker, int pie)
    {
        baker.Open($"/compose?pie={pie}");
        baker.Click("[formaction='/compose?handler=Make']");
        baker.Until(_ => baker.Here.StartsWith("/bakes/", StringComparison.Ordinal), "the batch sheet");
        baker.Click("form[action$='handler=Begin'] button");
        baker.Until(_ => baker.Here.StartsWith("/bench/", StringComparison.Ordinal), "the bench");
        baker.Until(_ => baker.Has("#bench-state"));
    }

    /// <summary>The task at hand; where it is replaced between finding it and reading it, it is looked for again.</summary>
    private static string Task(Baker baker) => baker.Until(_ => baker.Find(Now).GetAttribute("data-task"), "what is at hand")!;

    /// <summary>Ticks what is at hand and waits until the next thing is.</summary>
    private static string Tick(Baker baker)
    {
        var task = Task(baker);
        baker.Click(Now + " [data-done]");
        baker.Until(_ => !baker.Has(Now) || Task(baker) != task, "the next step after " + task);
        return task;
    }

    private static string Queue(Baker baker) =>
        (string)baker.Driver.ExecuteScript(
            "return Object.keys(localStorage).filter(k => k.startsWith('roundcrumb.bench.')).map(k => localStorage[k]).join() || '[]'")!;

    [Fact]
    public void Two_devices_keep_in_step_and_what_is_ticked_without_a_network_is_not_lost()
    {
        using var tablet = new Baker(room);
        Begin(tablet, 2);
        tablet.AxeViolations().ShouldBeEmpty();
        using var phone = new Baker(room, 390, 844);
        phone.Open(tablet.Here);
        phone.AxeViolations().ShouldBeEmpty();
        var first = Task(phone);

        // What the tablet ticks, the phone sees without being touched.
        Tick(tablet);
        phone.Until(_ => Task(phone) != first, "the tablet's tick on the phone");

        // The phone's network goes: it ticks on, its clock for the oven starts by itself, and it says that nothing is sent.
        phone.Network(cut: true);
        var alone = new List<string>();
        for (var i = 0; i < 2; i++)
            alone.Add(Tick(phone));
        alone[^1].ShouldEndWith(".oven");
        phone.Until(_ => phone.Text("#line-state").Contains("kept on this device", StringComparison.Ordinal), "the line's state");
        phone.Text(".clock").ShouldContain("out of the oven");
        Queue(phone).ShouldContain(alone[0]);
        tablet.Has($"[data-task='{alone[^1]}']").ShouldBeTrue();

        // It is back: all is sent, and the tablet has it.
        phone.Network(cut: false);
        phone.Until(_ => Queue(phone) == "[]", "an empty queue");
        phone.Until(_ => !phone.Find("#bench").FindElement(By.CssSelector("#line-state")).Displayed, "the line's state gone");
        tablet.Until(_ => Task(tablet) == Task(phone) && !tablet.Has($"[data-task='{alone[^1]}']"), "the phone's ticks on the tablet");
        tablet.Text(".clock").ShouldContain("out of the oven");

        // A page that is loaded anew knows all of it.
        phone.Open(phone.Here);
        phone.Text(".clock").ShouldContain("out of the oven");

        // A mistake is taken back on one and comes back on the other.
        var task = Task(tablet);
        Tick(tablet);
        phone.Until(_ => Task(phone) != task);
        phone.Click(".done-list [data-undo]");
        tablet.Until(_ => Task(tablet) == task, "the step again");
        tablet.ConsoleErrors().ShouldBeEmpty();
    }

    /// <summary>The name of a clock, half written while another phone presses something: it is not lost, nor the place in it.</summary>
    [Fact]
    public void What_is_begun_stays_whatever_another_device_presses()
    {
        using var tablet = new Baker(room);
        Begin(tablet, 2);
        using var phone = new Baker(room, 390, 844);
        phone.Open(tablet.Here);
        phone.Find("#own-name").SendKeys("pears in");
        phone.Driver.ExecuteScript("document.activeElement.blur()");
        phone.Find("#own-minutes").SendKeys("1");
        var first = Task(phone);
        Tick(tablet);
        phone.Until(_ => Task(phone) != first, "the tablet's tick on the phone");
        phone.Find("#own-name").GetAttribute("value").ShouldBe("pears in");
        phone.Find("#own-minutes").GetAttribute("value").ShouldBe("1");
        phone.Driver.SwitchTo().ActiveElement().GetAttribute("id").ShouldBe("own-minutes");
        phone.Driver.SwitchTo().ActiveElement().SendKeys("2");
        phone.Find("#own-minutes").GetAttribute("value").ShouldBe("12");
        tablet.ConsoleErrors().ShouldBeEmpty();
        phone.ConsoleErrors().ShouldBeEmpty();
    }

    [Fact]
    public void A_clock_of_ones_own_rings_once_is_put_off_and_stopped()
    {
        using var baker = new Baker(room);
        Begin(baker, 2);
        baker.Find("#own-name").SendKeys("pears");
        baker.Find("#own-minutes").SendKeys("soon");
        baker.Click("#own-clock button");
        baker.Text("#own-trouble").ShouldContain("How many minutes?");
        baker.Find("#own-minutes").Clear();
        baker.Find("#own-minutes").SendKeys("0.02");
        baker.Click("#own-clock button");
        baker.Until(_ => baker.Has(".clock.due") && baker.Text(".clock.due").Contains("pears", StringComparison.Ordinal), "a due clock");
        baker.Until(d => d.Title.StartsWith('●'));
        baker.Find("#bench").GetAttribute("data-rang").ShouldBe("1");

        // Loaded anew it is due still, and does not ring again.
        baker.Open(baker.Here);
        baker.Until(_ => baker.Has(".clock.due"));
        baker.Find("#bench").GetAttribute("data-rang").ShouldBeNull();
        baker.Click(".clock.due [data-deed*='not-yet']");
        baker.Until(_ => !baker.Has(".clock.due") && baker.Text(".clock").Contains("pears", StringComparison.Ordinal), "a clock put off");
        baker.Driver.ExecuteScript("document.querySelector('.clock [data-deed*=clock-stopped]').click()");
        baker.Until(_ => !baker.Has(".clock"), "no clock");
    }

    [Fact]
    public void It_is_worked_by_two_keys_and_readings_are_kept_at_their_step()
    {
        using var baker = new Baker(room);
        Begin(baker, 2);
        var first = Task(baker);
        baker.Driver.ExecuteScript("document.body.focus()");
        baker.Press(Keys.PageDown);
        baker.Until(_ => Task(baker) != first, "the next step by its key");
        baker.Until(_ => Queue(baker) == "[]" && baker.Has("[data-undo]"));
        baker.Driver.ExecuteScript("document.activeElement.blur()");
        baker.Press(Keys.PageUp);
        baker.Until(_ => Task(baker) == first, "back by its key");

        // Nonsense stays where it was typed and is said; what can be meant is kept.
        baker.Click(Now + " .reading summary");
        baker.Find(Now + " .read-form input").SendKeys("heavy");
        baker.Find(Now + " .read-form button").Click();
        baker.Until(_ => baker.Text("#status").Contains("no number", StringComparison.Ordinal));
        baker.Find(Now + " .read-form input").GetAttribute("value").ShouldBe("heavy");
        baker.Find(Now + " .read-form input").Clear();
        baker.Find(Now + " .read-form input").SendKeys("612");
        baker.Find(Now + " .read-form button").Click();
        baker.Until(_ => baker.Text(Now + " .reading").Contains("612 g", StringComparison.Ordinal), "the reading");
    }

    [Fact]
    public void A_probe_and_a_scale_are_seen_at_the_bench_and_held_onto_the_step()
    {
        using var bench = new Baker(room);
        Begin(bench, 2);
        using var devices = new Baker(room);
        devices.Open("/bench/devices");
        devices.AxeViolations().ShouldBeEmpty();
        devices.Click("#scale [data-add='100']");
        devices.Click("#scale [data-on]");
        bench.Until(_ => bench.Text(Now + " .scale-says").StartsWith("scale: ", StringComparison.Ordinal), "the scale at the bench");
        bench.Click(Now + " .reading summary");
        bench.Until(
            _ =>
                bench.Text(Now + " [data-hold]").StartsWith("Hold 1", StringComparison.Ordinal)
                    || bench.Text(Now + " [data-hold]").StartsWith("Hold 9", StringComparison.Ordinal));
        bench.Click(Now + " [data-hold]");
        bench.Until(_ => bench.Has(Now + " .reading [data-deed*='undone']"), "the reading held");
        bench.ClickAway(Now + " .reading [data-deed*='undone']");

        // A probe that is pulled out is told so where it is, and nothing of it comes to the bench.
        devices.Click("#scale [data-flat]");
        devices.Click("#probe [data-pulled]");
        devices.Click("#probe [data-on]");
        devices.Until(_ => devices.Text("#device-says").Contains("not plugged in", StringComparison.Ordinal), "the probe's trouble");
        bench.Until(_ => !bench.Find(Now).FindElement(By.CssSelector(".scale-says")).Displayed, "a silent scale");
        devices.Click("#probe [data-pulled]");
        devices.Until(_ => !devices.Find("#devices").FindElement(By.CssSelector("#device-says")).Displayed, "no trouble");
    }

    [Fact]
    public void What_goes_wrong_is_put_right_and_changes_the_plan_once_that_is_accepted()
    {
        using var baker = new Baker(room);
        Begin(baker, 2);
        while (!Task(baker).Contains("make-filling", StringComparison.Ordinal))
            Tick(baker);
        baker.Click(Now + " .off > summary");
        baker.Until(_ => baker.Has(Now + " .off li"));
        baker.AxeViolations().ShouldBeEmpty();
        var scorched = baker.Driver.FindElements(By.CssSelector(Now + " .off li > details > summary"))
            .First(s => s.Text.Contains("caught", StringComparison.Ordinal));
        scorched.Click();
        baker.Driver.FindElements(By.CssSelector(Now + " .off li button"))
            .First(b => b.Text.Contains("25 min", StringComparison.Ordinal)).Click();
        baker.Until(_ => baker.Text(Now + " .went-wrong").Contains("make it again", StringComparison.Ordinal), "what went wrong");

        // It takes hands that nobody counted on: the rest is planned anew without being asked.
        baker.Until(_ => baker.Has(".offer"), "an offer");
        baker.Text(".offer").ShouldContain("moved");
        baker.Click(".offer-acts form:first-child button");
        baker.Until(_ => !baker.Has(".offer"), "the offer accepted");
        baker.Text(Now + " .went-wrong").ShouldContain("make it again");
    }

    [Fact]
    public void The_day_is_ended_and_written_down_from_what_the_bench_knows()
    {
        using var baker = new Baker(room, 390, 844);
        Begin(baker, 2);
        while (baker.Has(Now))
            Tick(baker);
        baker.Until(_ => baker.Has("[data-deed*='ended']"), "the end");
        baker.Click(".button.big[data-deed*='ended']");
        baker.Until(_ => baker.Here.EndsWith("/log", StringComparison.Ordinal), "the log");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Click("input[name^='base-'][value='Crisp']");
        baker.Click("input[name^='set-'][value='Clean']");
        baker.Click("form .button.go");
        baker.Until(_ => baker.Has("a[href^='/bakes/'][href$='/log']"), "the link to the log");
        baker.Click("a[href^='/bakes/'][href$='/log']");
        baker.Find(".verdict label:has(input[name=base][value=Crisp]:checked)");
    }

    [Fact]
    public void A_whole_day_is_rehearsed_without_a_hand_and_its_entries_are_made()
    {
        using var baker = new Baker(room);
        Rehearse(baker, "Nobody", "600");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Has(Now + " [data-done]").ShouldBeFalse();
        baker.Until(_ => baker.Has("a[href$='/rehearsed'].go"), "the end of the rehearsal", 180);
        baker.Click("a[href$='/rehearsed'].go");
        baker.Until(_ => baker.Here.EndsWith("/rehearsed", StringComparison.Ordinal), "what it cost");
        baker.AxeViolations().ShouldBeEmpty();
        baker.Text("h1").ShouldContain("in time");
        var entries = baker.Driver.FindElements(By.CssSelector(".rehearsed .log-known"));
        entries.Count.ShouldBe(baker.Driver.FindElements(By.CssSelector(".rehearsed tbody tr")).Count);
        entries.ShouldAllBe(e => e.Text.Contains("base", StringComparison.Ordinal));
        entries.Count(e => e.Text.Contains("pot", StringComparison.Ordinal)).ShouldBeGreaterThan(3);
    }

    [Fact]
    public void Whoever_rehearses_begins_with_a_key_and_sees_it_done()
    {
        using var baker = new Baker(room, 390, 844);
        Rehearse(baker, "Everybody", "150");
        baker.AxeViolations().ShouldBeEmpty();
        var task = Task(baker);
        baker.Text(Now + " [data-done]").ShouldBe("Do it");
        baker.Press(Keys.PageDown);
        baker.Until(_ => baker.Text(".done-list li:first-child").Length > 0 && Task(baker) != task, "hands that are done");
        baker.Click("#pause");
        baker.Until(_ => baker.Text("#pause") == "Resume", "a clock that stands");
        var wall = baker.Text("#wall");
        baker.Click("#skip");
        baker.Until(_ => baker.Text("#wall") != wall || baker.Has(".said[role=alert]"), "a later hour, or what is to be done now");
        baker.Text("#pause").ShouldBe("Resume");
    }

    /// <summary>Plans the demo's Saturday and begins a rehearsal of it.</summary>
    private static void Rehearse(Baker baker, string hands, string speed)
    {
        baker.Open("/days/1");
        if (!baker.Has("a[href='/days/1/sure']"))
        {
            baker.Click("form[action$='handler=Solve'] button");
            baker.Until(_ => baker.Has("a[href='/days/1/sure']"), "a plan", 60);
        }

        baker.Click("a[href='/days/1/sure']");
        baker.Until(_ => baker.Has("#rehearse form"), "the rehearsal's form", 30);
        baker.Choose("#rehearse [name=hands]", hands);
        baker.Choose("#rehearse [name=speed]", speed);
        baker.Click("#rehearse button");
        baker.Until(_ => baker.Has(".rehearsal"), "the rehearsal");
        baker.Until(_ => baker.Has(Now), "something at hand");
    }

    [Fact]
    public async Task A_computer_that_dies_in_the_middle_loses_nothing_and_the_bench_goes_on()
    {
        using var computer = new KitchenComputer();
        var address = await computer.WakeAsync();
        using var baker = new Baker(address);
        Begin(baker, 2);
        var ticked = new List<string> { Tick(baker) };
        baker.Until(_ => Queue(baker) == "[]", "an empty queue");
        baker.Until(
            _ => baker.Driver.ExecuteAsyncScript(
                "caches.open('roundcrumb-bench').then(c => c.match(location.href)).then(p => arguments[0](Boolean(p)))") is true,
            "a page that is kept");
        computer.Die();

        // Nobody answers: the bench goes on, also when its page is opened again, and what is ticked stays so.
        ticked.Add(Tick(baker));
        baker.Open(baker.Here);
        ticked.Add(Tick(baker));
        ticked.ShouldAllBe(t => !baker.Has($"[data-task='{t}']"));
        baker.Until(_ => baker.Text("#line-state").Contains("kept on this device", StringComparison.Ordinal), "the line's state");
        await computer.WakeAsync();
        baker.Until(_ => Queue(baker) == "[]", "what was kept, sent");
        var next = Task(baker);
        baker.Open(baker.Here);
        Task(baker).ShouldBe(next);
        ticked.ShouldAllBe(t => !baker.Has($"[data-task='{t}']"));
        baker.Text(".clock").ShouldContain("out of the oven");
    }

    /// <summary>
    /// A page that this device kept some while ago, opened again and again while nobody answers, shows the time as it is, and never takes
    /// its own age for the kitchen's clock.
    /// </summary>
    [Fact]
    public async Task A_page_that_was_kept_shows_the_time_as_it_is_however_often_it_is_opened()
    {
        using var computer = new KitchenComputer();
        using var baker = new Baker(await computer.WakeAsync());
        Begin(baker, 2);
        const string Kept = "caches.open('roundcrumb-bench').then(c => c.match(location.href))";
        baker.Until(
            _ => baker.Driver.ExecuteAsyncScript($"{Kept}.then(p => arguments[0](Boolean(p)))") is true, "a page that is kept");
        computer.Die();
        foreach (var seconds in (int[])[25, 50, 75, 1200])
        {
            baker.Driver.ExecuteAsyncScript(
                $"const done = arguments[0]; {Kept}.then(async p => {{"
                    + $" const then = Date.now() - {seconds * 1000};"
                    + " const old = (await p.text()).replace(/data-now=\"\\d+\"/g, `data-now=\"${then}\"`)"
                    + ".replace(/id=\"wall\">[^<]*/, `id=\"wall\">${new Date(then).toTimeString().slice(0, 5)}`);"
                    + " const cache = await caches.open('roundcrumb-bench');"
                    + " await cache.put(location.href, new Response(old, { headers: { 'Content-Type': 'text/html; charset=utf-8' } }));"
                    + " localStorage.removeItem(Object.keys(localStorage).find(k => k.startsWith('roundcrumb.live.')) ?? 'none');"
                    + " done(); });");
            baker.Open(baker.Here);
            baker.Until(_ => baker.Text("#line-state").Contains("No answer", StringComparison.Ordinal), "the line's state");
            var offset = baker.Driver.ExecuteScript("return Number(localStorage.getItem('roundcrumb.offset'))");
            Math.Abs(Convert.ToDouble(offset, CultureInfo.InvariantCulture)).ShouldBeLessThan(5000);
            var shown = baker.Text("#wall");
            var now = (string)baker.Driver.ExecuteScript(
                "return [0, -60000, 60000].map(d => new Date(Date.now() + d).toTimeString().slice(0, 5)).join(' ')")!;
            now.Split(' ').ShouldContain(shown);
        }
    }

    /// <summary>
    /// The computer takes a tick and dies before it has said what the page looks like now: the page that was kept before is brought up to
    /// it.
    /// </summary>
    [Fact]
    public async Task What_was_taken_is_not_forgotten_by_a_page_that_was_kept_before()
    {
        using var computer = new KitchenComputer();
        using var baker = new Baker(await computer.WakeAsync());
        Begin(baker, 2);
        baker.Until(
            _ => baker.Driver.ExecuteAsyncScript(
                "caches.open('roundcrumb-bench').then(c => c.match(location.href)).then(p => arguments[0](Boolean(p)))") is true,
            "a page that is kept");
        baker.Driver.ExecuteScript(
            "const real = window.fetch; window.fetch = (to, how) => String(to).includes('handler=Live') "
                + "? Promise.reject(new TypeError('cut off')) : real(to, how);");
        var task = Tick(baker);
        baker.Until(_ => Queue(baker) == "[]", "the tick, taken");
        computer.Die();
        baker.Open(baker.Here);
        baker.Until(_ => baker.Has(Now), "the page that was kept");
        baker.Has($".task[data-task='{task}']").ShouldBeFalse("what was taken stays done");
        await computer.WakeAsync();
        baker.Open(baker.Here);
        baker.Has($".task[data-task='{task}']").ShouldBeFalse();
        Task(baker).ShouldNotBe(task);
    }

    [Fact]
    public void A_device_without_room_says_so_and_sends_all_the_same()
    {
        using var tablet = new Baker(room);
        Begin(tablet, 2);
        tablet.Driver.ExecuteScript("Storage.prototype.setItem = () => { throw new DOMException('full', 'QuotaExceededError'); }");
        tablet.Network(cut: true);
        var task = Tick(tablet);
        tablet.Until(_ => tablet.Text("#line-state").Contains("no room left", StringComparison.Ordinal), "what it says");
        tablet.AxeViolations().ShouldBeEmpty();
        tablet.Network(cut: false);
        tablet.Until(_ => !tablet.Find("#bench").FindElement(By.CssSelector("#line-state")).Displayed, "all sent");
        tablet.Open(tablet.Here);
        tablet.Has($"[data-task='{task}']").ShouldBeFalse();
    }
}
