using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;
using RoundCrumb.Data.Bakes;
using RoundCrumb.Data.Demo;
using RoundCrumb.Data.Pies;

namespace RoundCrumb.Data;

/// <summary>The one SQLite file.</summary>
public sealed class RoundCrumbContext(DbContextOptions<RoundCrumbContext> options) : DbContext(options)
{
    public DbSet<SavedPie> Pies => Set<SavedPie>();

    public DbSet<Bake> Bakes => Set<Bake>();

    public DbSet<DataMark> Marks => Set<DataMark>();

    /// <inheritdoc/>
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder) =>
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<DateTimeOffsetToBinaryConverter>();

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<SavedPie>(pie =>
        {
            pie.Property(p => p.Name).HasMaxLength(SavedPie.LongestName).UseCollation("NOCASE");
            pie.Property(p => p.Version).IsConcurrencyToken();
            pie.HasIndex(p => p.Name).IsUnique().HasFilter("\"DeletedAt\" IS NULL");
        });
        modelBuilder.Entity<Bake>(bake =>
        {
            bake.HasIndex(b => b.MadeAt);
            bake.HasMany(b => b.Ticks).WithOne().HasForeignKey(t => t.BakeId).OnDelete(DeleteBehavior.Cascade);
            bake.HasOne(b => b.Log).WithOne().HasForeignKey<BakeLog>(l => l.BakeId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<BakeTick>().HasKey(t => new { t.BakeId, t.Key });
        modelBuilder.Entity<BakeLog>(log =>
        {
            log.HasKey(l => l.BakeId);
            log.Property(l => l.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<DataMark>().HasKey(m => m.Name);
    }
}
