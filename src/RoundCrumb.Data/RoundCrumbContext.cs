using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using RoundCrumb.Core.Bench;
using RoundCrumb.Core.Trials;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Buying;
using RoundCrumb.Data.Days;
using RoundCrumb.Data.Kitchens;
using RoundCrumb.Data.Learning;
using RoundCrumb.Data.Pans;
using RoundCrumb.Data.Pies;
using RoundCrumb.Data.Recipes;
using RoundCrumb.Data.Runs;
using RoundCrumb.Data.Stocktaking;
using RoundCrumb.Data.Storage;
using RoundCrumb.Data.Trials;

namespace RoundCrumb.Data;

/// <summary>The one SQLite file.</summary>
public sealed class RoundCrumbContext(DbContextOptions<RoundCrumbContext> options) : DbContext(options)
{
    private readonly List<Action> _afterwards = [];

    /// <summary>Names of what is there are told apart; those of an earlier file have no key until it is brought up to date.</summary>
    private const string Named = "\"NameKey\" <> ''";

    private const string LiveAndNamed = "\"DeletedAt\" IS NULL AND " + Named;

    public DbSet<SavedPie> Pies => Set<SavedPie>();

    public DbSet<Bake> Bakes => Set<Bake>();

    public DbSet<Run> Runs => Set<Run>();

    public DbSet<RunRow> RunRows => Set<RunRow>();

    public DbSet<Part> Parts => Set<Part>();

    public DbSet<PartVersion> PartVersions => Set<PartVersion>();

    public DbSet<OwnIngredient> OwnIngredients => Set<OwnIngredient>();

    public DbSet<PartUse> PartUses => Set<PartUse>();

    public DbSet<RememberedName> RememberedNames => Set<RememberedName>();

    public DbSet<KitchenPan> KitchenPans => Set<KitchenPan>();

    public DbSet<KitchenOven> KitchenOvens => Set<KitchenOven>();

    public DbSet<KitchenCold> KitchenColds => Set<KitchenCold>();

    public DbSet<HeatReading> HeatReadings => Set<HeatReading>();

    public DbSet<KitchenRoom> KitchenRooms => Set<KitchenRoom>();

    public DbSet<KitchenBaker> KitchenBakers => Set<KitchenBaker>();

    public DbSet<BakeDay> BakeDays => Set<BakeDay>();

    public DbSet<DayOrder> DayOrders => Set<DayOrder>();

    public DbSet<StockRow> StockRows => Set<StockRow>();

    public DbSet<StockUseRow> StockUses => Set<StockUseRow>();

    public DbSet<PackPrice> PackPrices => Set<PackPrice>();

    public DbSet<ShoppingTick> ShoppingTicks => Set<ShoppingTick>();

    public DbSet<KitchenTrade> KitchenTrades => Set<KitchenTrade>();

    public DbSet<BakePhoto> Photos => Set<BakePhoto>();

    public DbSet<ObservationRow> Observations => Set<ObservationRow>();

    public DbSet<CorrectionChoiceRow> CorrectionChoices => Set<CorrectionChoiceRow>();

    public DbSet<BakeSaidRow> BakesSaid => Set<BakeSaidRow>();

    public DbSet<Trial> Trials => Set<Trial>();

    /// <summary>What was answered in practice.</summary>
    public DbSet<PracticeRow> Practice => Set<PracticeRow>();

    public DbSet<LearnedState> LearnedStates => Set<LearnedState>();

    public DbSet<DataMark> Marks => Set<DataMark>();

    /// <summary>Forgets something that is remembered now, and when the transaction that is open is over.</summary>
    /// <param name="now">Forgets what was changed.</param>
    /// <param name="afterwards">Forgets all that may have been read of it meanwhile, kept or not.</param>
    internal void Forget(Action now, Action afterwards)
    {
        now();
        if (Database.CurrentTransaction is not null)
            _afterwards.Add(afterwards);
    }

    /// <summary>A transaction is over.</summary>
    internal void Over()
    {
        foreach (var forget in _afterwards)
            forget();
        _afterwards.Clear();
    }

    /// <inheritdoc/>
    public override int SaveChanges(bool acceptAllChangesOnSuccess) =>
        throw new NotSupportedException("What is kept is kept without blocking: SaveChangesAsync.");

    /// <inheritdoc/>
    public override async Task<int> SaveChangesAsync(bool acceptAllChangesOnSuccess, CancellationToken cancellationToken = default)
    {
        await FollowAsync(cancellationToken);
        return await base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
    }

    /// <summary>What is worked out from what is kept goes with it: what names are compared by, and which parts are in use.</summary>
    private async Task FollowAsync(CancellationToken cancel)
    {
        foreach (var entry in ChangeTracker.Entries<INamed>().Where(e => e.State is EntityState.Added or EntityState.Modified).ToList())
        {
            var key = Names.KeyOf(entry.Entity.Name);
            if (entry.Entity.NameKey.Length == 0
                    || (entry.State is EntityState.Added ? entry.Entity.NameKey != key : entry.Property(e => e.Name).IsModified))
                entry.Entity.NameKey = key;
        }

        foreach (
            var entry in ChangeTracker.Entries<IComposed>()
                .Where(e => e.State is EntityState.Added || (e.State is EntityState.Modified && e.Property(c => c.Address).IsModified))
                .ToList())
        {
            if (entry.State is EntityState.Modified)
                await entry.Collection(c => c.Uses).LoadAsync(cancel);
            var now = PartUse.In(entry.Entity.Address).ToList();
            foreach (var gone in entry.Entity.Uses.Where(u => !now.Contains((u.PartId, u.Version))).ToList())
            {
                entry.Entity.Uses.Remove(gone);
                PartUses.Remove(gone);
            }

            entry.Entity.Uses.AddRange(
                now.Where(n => !entry.Entity.Uses.Exists(u => (u.PartId, u.Version) == n))
                    .Select(n => new PartUse { PartId = n.Part, Version = n.Version }));
        }
    }

    /// <inheritdoc/>
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder) =>
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<InstantConverter>();

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        PiesAndBakes(modelBuilder);
        PartsAndIngredients(modelBuilder);
        OfTheKitchen(modelBuilder);
        OfDays(modelBuilder);
        OfRuns(modelBuilder);
        OfStockAndPrices(modelBuilder);
        OfLearning(modelBuilder);
        modelBuilder.Entity<DataMark>().HasKey(m => m.Name);
    }

    private static void PiesAndBakes(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<SavedPie>(pie =>
        {
            pie.Property(p => p.Name).HasMaxLength(SavedPie.LongestName).UseCollation("NOCASE");
            pie.Property(p => p.Version).IsConcurrencyToken();
            pie.Property(p => p.Tags).HasMaxLength(Part.LongestTags).HasDefaultValue("");
            pie.HasIndex(p => p.SavedAt);
            pie.HasIndex(p => p.Address);
            pie.HasIndex(p => new { p.Tags, p.DeletedAt });
            pie.HasIndex(p => p.NameKey).IsUnique().HasFilter(LiveAndNamed);
            pie.HasMany(p => p.Uses).WithOne().HasForeignKey(u => u.PieId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<Bake>(bake =>
        {
            bake.HasIndex(b => b.MadeAt);
            bake.Property(b => b.Arm).HasConversion<string>().HasDefaultValue(TrialArm.AsItIs);
            bake.HasIndex(b => b.TrialId);
            bake.HasIndex(b => new { b.PieName, b.MadeAt });
            bake.HasMany(b => b.Uses).WithOne().HasForeignKey(u => u.BakeId).OnDelete(DeleteBehavior.Cascade);
            bake.HasMany(b => b.Photos).WithOne().HasForeignKey(p => p.BakeId).OnDelete(DeleteBehavior.Cascade);
            bake.HasMany(b => b.Ticks).WithOne().HasForeignKey(t => t.BakeId).OnDelete(DeleteBehavior.Cascade);
            bake.HasOne(b => b.Log).WithOne().HasForeignKey<BakeLog>(l => l.BakeId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<BakeTick>().HasKey(t => new { t.BakeId, t.Key });
        modelBuilder.Entity<BakeLog>(log =>
        {
            log.HasKey(l => l.BakeId);
            log.Property(l => l.Version).IsConcurrencyToken();
            log.HasIndex(l => l.WrittenAt);
            log.HasIndex(l => l.Base);
            log.HasIndex(l => l.Set);
            log.HasIndex(l => l.Top);
            log.HasIndex(l => l.Baker);
            log.ComplexProperty(l => l.Measures, measures =>
            {
                measures.ToJson();
                measures.ComplexCollection(m => m.Tastes, t => t.Property(x => x.Scale).HasConversion<string>());
                measures.ComplexCollection(m => m.Hands, h => h.Property(x => x.Step).HasConversion<string>());
                measures.ComplexCollection(m => m.Weighed, w => w.Property(x => x.Kind).HasConversion<string>());
            });
        });
        modelBuilder.Entity<BakePhoto>(photo =>
        {
            photo.Property(p => p.Caption).HasMaxLength(BakePhoto.LongestCaption);
            photo.HasIndex(p => p.BakeId);
        });
    }

    private static void OfLearning(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<ObservationRow>(row =>
        {
            row.Property(r => r.Kind).HasConversion<string>();
            row.HasIndex(r => r.BakeId);
            row.HasIndex(r => new { r.Kind, r.Of });
            row.HasOne<Bake>().WithMany().HasForeignKey(r => r.BakeId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<CorrectionChoiceRow>(row =>
        {
            row.HasKey(r => new { r.Kind, r.Of, r.Under });
            row.Property(r => r.Kind).HasConversion<string>();
            row.Property(r => r.Mode).HasConversion<string>();
        });
        modelBuilder.Entity<BakeSaidRow>(row =>
        {
            row.HasKey(r => new { r.Kind, r.Of, r.Under, r.BakeId });
            row.Property(r => r.Kind).HasConversion<string>();
            row.Property(r => r.Said).HasConversion<string>();
        });
        modelBuilder.Entity<PracticeRow>().Property(p => p.Kind).HasConversion<string>().HasMaxLength(40);
        modelBuilder.Entity<Trial>(trial =>
        {
            trial.Property(t => t.Name).HasMaxLength(Trial.LongestName);
            trial.Property(t => t.Measure).HasConversion<string>();
        });
        modelBuilder.Entity<LearnedState>(state =>
        {
            state.HasKey(s => s.Number);
            state.HasIndex(s => s.BakeId);
            state.OwnsMany(s => s.Corrections, corrections =>
            {
                corrections.ToJson();
                corrections.Property(c => c.Kind).HasConversion<string>();
            });
        });
    }

    private static void PartsAndIngredients(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<Part>(part =>
        {
            part.Property(p => p.Kind).HasConversion<string>();
            part.Property(p => p.Name).HasMaxLength(Part.LongestName).UseCollation("NOCASE");
            part.Property(p => p.Tags).HasMaxLength(Part.LongestTags);
            part.Property(p => p.Stamp).IsConcurrencyToken();
            part.HasIndex(p => new { p.Kind, p.NameKey }).IsUnique().HasFilter(LiveAndNamed);
            part.HasIndex(p => p.SavedAt);
            part.HasIndex(p => new { p.Tags, p.DeletedAt });
            part.HasMany(p => p.Versions).WithOne().HasForeignKey(v => v.PartId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<PartVersion>(version =>
        {
            version.HasKey(v => new { v.PartId, v.Number });
            version.Property(v => v.Cup).HasConversion<string>();
            version.Property(v => v.Egg).HasConversion<string>();
        });
        modelBuilder.Entity<OwnIngredient>(own =>
        {
            own.Property(o => o.Name).UseCollation("NOCASE");
            own.HasIndex(o => o.Slug).IsUnique();
            own.HasIndex(o => o.NameKey).IsUnique().HasFilter(Named);
            Versioned(own.Property(o => o.Version));
        });
        modelBuilder.Entity<PartUse>().HasIndex(u => new { u.PartId, u.Version });
        modelBuilder.Entity<RememberedName>().HasKey(n => n.Words);
    }

    private static void OfTheKitchen(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<KitchenPan>(pan =>
        {
            pan.HasIndex(p => p.Address);
            Versioned(pan.Property(p => p.Version));
        });
        modelBuilder.Entity<KitchenCold>(cold =>
        {
            cold.Property(c => c.Kind).HasConversion<string>();
            cold.Property(c => c.Cooler).HasConversion<string>();
            Versioned(cold.Property(c => c.Version));
        });
        modelBuilder.Entity<HeatReading>(reading =>
        {
            reading.Property(r => r.Cooler).HasConversion<string>();
            reading.OwnsMany(r => r.Points, points => points.ToJson());
            reading.HasIndex(r => r.ColdId);
        });
        modelBuilder.Entity<KitchenOven>(oven =>
        {
            oven.Property(o => o.WarmUp).HasDefaultValue(20.0);
            Versioned(oven.Property(o => o.Version));
        });
        Versioned(modelBuilder.Entity<KitchenBaker>().Property(b => b.Version));
        modelBuilder.Entity<KitchenRoom>(room =>
        {
            room.Property(r => r.Burners).HasDefaultValue(4);
            room.Property(r => r.Mixers).HasDefaultValue(1);
            room.Property(r => r.Processors).HasDefaultValue(1);
            Versioned(room.Property(r => r.Version));
        });
    }

    private static void OfDays(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<BakeDay>(day =>
        {
            day.Property(d => d.Name).HasMaxLength(BakeDay.LongestName);
            day.Property(d => d.Version).IsConcurrencyToken();
            day.HasIndex(d => d.From);
            day.OwnsMany(d => d.LentPans, pans => pans.ToJson());
            day.HasMany(d => d.Orders).WithOne().HasForeignKey(o => o.BakeDayId).OnDelete(DeleteBehavior.Cascade);
            day.HasMany(d => d.Hours).WithOne().HasForeignKey(h => h.BakeDayId).OnDelete(DeleteBehavior.Cascade);
            day.HasMany(d => d.DayMarks).WithOne().HasForeignKey(m => m.BakeDayId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<DayOrder>(order =>
        {
            order.Property(o => o.Name).HasMaxLength(SavedPie.LongestName);
            order.Property(o => o.Notes).HasMaxLength(DayOrder.LongestNotes);
            order.Property(o => o.Stock).HasConversion<string>();
            order.HasMany(o => o.Uses).WithOne().HasForeignKey(u => u.OrderId).OnDelete(DeleteBehavior.Cascade);
            Versioned(order.Property(o => o.Version));
        });
        modelBuilder.Entity<DayMark>(mark =>
        {
            mark.HasKey(m => new { m.BakeDayId, m.Key });
            mark.Property(m => m.Kind).HasConversion<string>();
        });
    }

    private static void OfStockAndPrices(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<StockRow>(row =>
        {
            row.Property(r => r.Made).HasConversion<string>();
            row.Property(r => r.Where).HasConversion<string>();
            row.Property(r => r.Gone).HasConversion<string>();
            row.Property(r => r.Words).HasMaxLength(StockRow.LongestWords);
            row.HasIndex(r => r.GoneAt);
            Versioned(row.Property(r => r.Version));
        });
        modelBuilder.Entity<StockUseRow>(use =>
        {
            use.HasKey(u => new { u.Owner, u.Line });
            use.HasIndex(u => u.At);
        });
        modelBuilder.Entity<PackPrice>(price =>
        {
            price.Property(p => p.Shop).HasMaxLength(PackPrice.LongestShop);
            price.HasIndex(p => new { p.Ingredient, p.Grams, p.Shop, p.Since }).IsUnique();
        });
        modelBuilder.Entity<ShoppingTick>().HasKey(t => new { t.List, t.Ingredient });
        modelBuilder.Entity<KitchenTrade>(trade =>
        {
            trade.PrimitiveCollection(t => t.Aisles).ElementType(shelf => shelf.HasConversion<string>());
            trade.Property(t => t.Step).HasConversion<string>();
            trade.Property(t => t.House).HasMaxLength(KitchenTrade.LongestHouse);
            trade.Property(t => t.Place).HasMaxLength(KitchenTrade.LongestHouse);
            trade.Ignore(t => t.Rates);
            Versioned(trade.Property(t => t.Version));
        });
    }

    private static void OfRuns(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<Run>(run =>
        {
            run.Property(r => r.Name).HasMaxLength(Run.LongestName);
            run.Property(r => r.Clock).HasConversion(
                static c => c == null ? null : JsonSerializer.Serialize(c, JsonSerializerOptions.Web),
                static t => t == null ? null : JsonSerializer.Deserialize<RehearsalClock>(t, JsonSerializerOptions.Web));
            run.HasIndex(r => new { r.BakeDayId, r.IsRehearsal }).IsUnique().HasFilter("\"EndedAt\" IS NULL");
            run.HasIndex(r => r.BakeDayId);
            run.HasMany(r => r.Rows).WithOne().HasForeignKey(r => r.RunId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<RunRow>(row =>
        {
            row.HasKey(r => r.Seq);
            row.Property(r => r.Seq).ValueGeneratedOnAdd();
            row.Property(r => r.Device).HasMaxLength(RunRow.LongestDevice);
            row.HasIndex(r => new { r.RunId, r.EventId }).IsUnique();
        });
    }

    private static void Versioned(PropertyBuilder<int> version) => version.IsConcurrencyToken().HasDefaultValue(1);
}
