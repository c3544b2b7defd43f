<?php

declare(strict_types=1);

namespace App\Fish;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use App\Kitchen\Person;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Fish\FatGrade;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Receive\FrozenHere;
use Sectum\Receive\RawService;
use Sectum\Receive\Verdict;

/**
 * One fish of the house, from the box to the log.
 *
 * @property string $id
 * @property int $number the house's running number
 * @property string $species_id
 * @property string $supplier_id
 * @property StateBought $state
 * @property Stage $stage where it waits
 * @property int $version counts every change, so that a stale screen is noticed
 * @property int|null $price_per_kg_minor
 * @property int $delivery_minor
 * @property int $credited_minor what its supplier credited for it
 * @property string|null $labour_minutes a decimal
 * @property bool $broken_down whether the cutter said that is all
 * @property string|null $method school it is cut by; null while nobody chose one
 * @property array<string, string> $choices answers to the school's questions
 * @property int $steps_said steps somebody said are done
 * @property string|null $begun_at ISO 8601, when the first step was begun
 * @property string|null $dish_id
 * @property string $received_by
 * @property string $received_at ISO 8601
 * @property string|null $line_id the delivery's line it came on; null when it came without one
 * @property int $count like fish weighed together, 1 or more
 * @property string|null $tag
 * @property FatGrade|null $fat_grade of its lot; null while nobody said
 * @property int $ice_mg ice that was weighed with it, part of the tare
 * @property string|null $keeps_until ISO 8601, reckoned end of its life on ice
 * @property string|null $raw_until ISO 8601, when it stops being bright enough for raw service
 * @property string|null $rests_until ISO 8601, in rigor until then
 * @property string|null $held why the head chef has to decide
 * @property list<string> $not_done codes of what it was sold as and was not
 * @property string|null $not_it the signs of its kind that are missing, when it may be another
 * @property string|null $refused why it goes back
 * @property string|null $out_since ISO 8601, when it was taken out of the cold; null while it is in it
 * @property string|null $out_by
 * @property Verdict|null $verdict of the last inspection
 * @property-read Species $species
 * @property-read string|null $last_step_at of a fish on the bench, when somebody last said a step is done
 * @property-read string $supplier_name of a fish on the bench
 * @property-read int|null $finds_on_it of a fish on the bench, how many things were found on it
 * @property-read int|null $bone_passes of a fish on the bench, how often one of its fillets was checked for bones
 * @property-read int|null $yields_kept of a fish on the bench, how many yields the house has on record of it
 * @property-read string|null $table_mark of the one fish on the bench: see SmallTables
 * @property-read int|null $last_reading of the one fish on the bench: see Reading::last()
 * @property-read Supplier $supplier
 * @property-read DeliveryLine|null $line
 * @property-read Person $receiver
 * @property-read Collection<int, Piece> $pieces
 */
final class Fish extends Record
{
    protected $table = 'fish';

    /** What a fish on the bench is read with. */
    private const SAID_OF_IT = '(select name from suppliers where id = fish.supplier_id) as supplier_name, '.
        '(select max(said_at) from step_times where fish_id = fish.id) as last_step_at, '.
        '(select count(*) from finds where fish_id = fish.id) as finds_on_it, '.
        '(select count(*) from bone_checks where fish_id = fish.id) as bone_passes, '.
        '(select count(*) from yield_records where fish_id = fish.id) as yields_kept';

    /** What it is read from: a write to any of them makes it old. */
    private const GRAPH = [
        'fish',
        'pieces',
        'readings',
        'reading_voids',
        'finds',
        'bone_checks',
        'yield_records',
        'species',
        'suppliers',
    ];

    protected $attributes = ['choices' => '{}', 'not_done' => '[]', 'steps_said' => 0];

    /** @return BelongsTo<Species, $this> */
    public function species(): BelongsTo
    {
        return $this->belongsTo(Species::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return BelongsTo<DeliveryLine, $this> */
    public function line(): BelongsTo
    {
        return $this->belongsTo(DeliveryLine::class, 'line_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function receiver(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'received_by');
    }

    /** @return HasMany<Piece, $this> */
    public function pieces(): HasMany
    {
        $pieces = $this->hasMany(Piece::class);
        $pieces->orderBy('place');

        return $pieces;
    }

    /** @return Builder<self> everything a bench screen needs, in few queries */
    public static function forTheBench(): Builder
    {
        $fish = self::query();
        $fish->select('fish.*')->selectRaw(self::SAID_OF_IT);
        $fish->afterQuery(self::laidOut(...));

        return $fish;
    }

    public static function onTheBench(string $id): self
    {
        return Remembered::of("fish:{$id}", self::GRAPH, function () use ($id): self {
            $found = self::selected('select fish.*, '.self::SAID_OF_IT.', '.SmallTables::MARK.
                ', (select max(seq) from readings) as last_reading from fish where id = ?', [$id]);
            $one = $found->first() ?? throw (new ModelNotFoundException())->setModel(self::class, [$id]);
            SmallTables::told($one->table_mark);
            Reading::lastIs($one->last_reading ?? 0);
            self::laidOut($found);

            return $one;
        });
    }

    /** @param  Collection<int, covariant self>  $found  as they were just read; each gets its kind and its pieces */
    private static function laidOut(Collection $found): void
    {
        $pieces = Piece::ofFish(array_values(array_map(fn (self $one): string => $one->id, $found->all())));
        foreach ($found as $one) {
            $one->setRelation('species', Species::standing($one->species_id));
            $one->setRelation('pieces', new Collection($pieces[$one->id] ?? []));
        }
    }

    /**
     * Those that are not through the board yet, by their number: at the door, in the cold room, on the benches.
     *
     * @return Collection<int, self>
     */
    public static function toBeCut(): Collection
    {
        return Remembered::of('fish to be cut', self::GRAPH, fn (): Collection => self::forTheBench()
            ->whereIn('stage', [Stage::Receive->value, Stage::BreakDown->value, Stage::Portion->value])
            ->orderBy('number')
            ->get());
    }

    /** What this request wrote stands in this fish already: it need not be read again. */
    public function staysOnTheBench(): self
    {
        Remembered::put("fish:{$this->id}", self::GRAPH, $this);

        return $this;
    }

    public function whole(): Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->part === Part::Whole) {
                return $piece;
            }
        }
        throw Fault::notThere('This fish was never weighed.');
    }

    /** A reading of one of its pieces, taken back or not, which knows its piece. */
    public function readingOf(string $id): ?Reading
    {
        foreach ($this->pieces as $piece) {
            $reading = $piece->readings->firstWhere('id', $id);
            if ($reading !== null) {
                return $reading->setRelation('piece', $piece);
            }
        }

        return null;
    }

    /**
     * Whether it may be served raw: by its kind, the paper it came with, or the record of a freezing here.
     *
     * @param  Piece|null  $piece  of it; null for the whole fish
     */
    public function rawService(?Piece $piece = null): RawService
    {
        $raw = RawService::of($this->species->scientific, $this->species->hazardList(), $this->line?->proof);
        if ($raw->open) {
            return $raw;
        }

        return RawService::of(
            $this->species->scientific,
            $this->species->hazardList(),
            $this->line?->proof,
            $this->frozenHere()[($piece ?? $this->whole())->id] ?? null,
        );
    }

    /** @return array<string, FrozenHere> by piece, those frozen here under a rule that was met */
    private function frozenHere(): array
    {
        return Remembered::of(
            "frozen:{$this->id}",
            [...self::GRAPH, 'run_items'],
            fn (): array => app(RawEvidence::class)->of($this),
        );
    }

    /** Lots are told apart by their line of a delivery; a fish without one is a lot of its own. */
    public static function lot(string $fish, ?string $line): string
    {
        return $line ?? "fish {$fish}";
    }

    /** @return list<array{Piece, Reading}> what counts on the board, in the order in which it came there */
    public function weighed(): array
    {
        $weighed = [];
        foreach ($this->pieces as $piece) {
            $reading = $piece->reading();
            if ($reading !== null) {
                $weighed[] = [$piece, $reading];
            }
        }

        return $weighed;
    }

    /** What is left of a piece once what was weighed off it is gone; never less than nothing. */
    public function net(Piece $piece): Mass
    {
        return $piece->without(
            $this->pieces->filter(fn (Piece $one): bool => $one->parent_id === $piece->id),
        );
    }

    /** As received; nothing when its reading was taken back. */
    public function mass(): Mass
    {
        return $this->whole()->reading()?->mass() ?? Mass::zero();
    }

    /** Whether anything has been weighed off it. */
    public function isCut(): bool
    {
        return $this->pieces->contains(
            fn (Piece $piece): bool => $piece->part !== Part::Whole && $piece->reading() !== null,
        );
    }

    /** Whether anything that was cut from this piece has been weighed. */
    public function isCutFurther(Piece $piece): bool
    {
        return $this->pieces->contains(
            fn (Piece $other): bool => $other->parent_id === $piece->id && $other->reading() !== null,
        );
    }

    /** Counts a change, so that a screen that has not seen it is noticed. */
    public function changed(): void
    {
        $this->version++;
        $this->written();
    }

    /** Work at the board takes it out of the cold; what is out already stays so. */
    public function takenOut(string $at, Person $by): void
    {
        if ($this->out_since === null && in_array($this->stage, [Stage::BreakDown, Stage::Portion], true)) {
            $this->fill(['out_since' => $at, 'out_by' => $by->id]);
        }
    }

    /** The lot it came with; where it came with none, its own number. */
    public function lotCode(): string
    {
        return $this->line->lot ?? "F-{$this->number}";
    }

    public function title(): string
    {
        return "{$this->species->name} no. {$this->number}".($this->count > 1 ? ", {$this->count} fish" : '');
    }

    /** Whether its pin bones come out of the portions, and not of the sides. */
    public function isBonedLater(): bool
    {
        return ($this->choices['bones-when'] ?? null) === 'after-portioning';
    }

    /** @throws Fault when the fish is in the log */
    public function mustBeOpen(): void
    {
        if ($this->stage === Stage::Refused || $this->stage === Stage::Withdrawn) {
            throw Fault::conflict("{$this->title()} was rejected or undone.", ['version' => $this->version]);
        }
        if ($this->stage === Stage::Log) {
            throw Fault::conflict("{$this->title()} is closed and in the log.", ['version' => $this->version]);
        }
    }

    /**
     * @throws Fault when the screen that asks has not seen the latest change
     */
    public function mustBeAt(int $version): void
    {
        Fault::unlessLatest($this->title(), $version, $this->version);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => StateBought::class,
            'not_done' => 'array',
            'fat_grade' => FatGrade::class,
            'stage' => Stage::class,
            'broken_down' => 'boolean',
            'choices' => 'array',
            'verdict' => Verdict::class,
        ];
    }
}
