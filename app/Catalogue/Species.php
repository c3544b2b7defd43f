<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\SmallTables;
use App\Kitchen\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\BreakDown\StartingYield;
use Sectum\Fish\BodyForm;
use Sectum\Fish\FatClass;
use Sectum\Fish\Hazard;
use Sectum\Fish\PinBoneRow;
use Sectum\Fish\ScaleType;
use Sectum\Fish\Share;
use Sectum\Fish\StateBought;

/**
 * A kind of fish, shipped with the catalogue or added by name. The columns hold what counts in this house.
 *
 * @property string $id
 * @property string $name
 * @property string $other_names separated by semicolons
 * @property string|null $scientific
 * @property string|null $code FAO 3-alpha
 * @property BodyForm $form
 * @property FatClass $fat
 * @property ScaleType $scales
 * @property StateBought $usual_state
 * @property string $look_alikes names of kinds it is taken for, | between
 * @property string $handling how it wants to be handled; empty when nobody says
 * @property bool $bled
 * @property PinBoneRow $pin_row
 * @property float $pin_count expected a side
 * @property float $pin_sd
 * @property float $pin_reach_pct how far along the side they run, from the head end
 * @property string $hazards separated by spaces
 * @property string $raw_note
 * @property string $keep parts worth keeping, separated by spaces
 * @property string $size_grades_g usual grades in grams, separated by semicolons
 * @property string $size_names what each of those grades is called, separated by semicolons
 * @property string $source
 * @property array<string, string>|null $shipped what the catalogue came with; null when the house added it
 * @property array<string, string> $house what the head chef set instead
 * @property int $version
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SpeciesYield> $yields
 */
final class Species extends Record
{
    /** What the head chef may set instead of the shipped value. */
    public const ABOUT = [
        'other_names',
        'fat',
        'scales',
        'usual_state',
        'pin_row',
        'pin_count',
        'pin_sd',
        'pin_reach_pct',
        'hazards',
        'raw_note',
        'keep',
        'size_grades_g',
        'size_names',
    ];

    protected $table = 'species';

    /** @return list<string> by which its kind is known, in order */
    public function signs(): array
    {
        return array_values(
            array_filter(
                SpeciesSign::rows()->where('species_id', $this->id)->orderBy('place')->pluck('sign')->all(),
                is_string(...),
            ),
        );
    }

    /** @return HasMany<SpeciesYield, $this> */
    public function yields(): HasMany
    {
        return $this->hasMany(SpeciesYield::class);
    }

    /** One as it counts now: to be read, not to be written. */
    public static function standing(string $id): self
    {
        return Remembered::of("species:{$id}", ['species'], function () use ($id): self {
            $known = SmallTables::found('species', $id)[0] ?? null;

            return $known === null ? self::query()->findOrFail($id) : (new self())->newFromBuilder($known);
        });
    }

    public static function inFull(string $id): self
    {
        return self::query()->with('yields')->findOrFail($id);
    }

    /** For whoever asks what many kinds give: the shares of all are read at once. */
    public static function manyAreAsked(): void
    {
        SmallTables::all('species_shares');
    }

    /** What the catalogue has to begin with at a yield step, as bought in this state; null where it has nothing. */
    public function starting(StateBought $state, string $rung): ?StartingYield
    {
        foreach (SmallTables::found('species_yields', $this->id) as $yield) {
            if ($yield['state'] === $state->value && $yield['rung'] === $rung) {
                return new StartingYield(
                    (float) $yield['mean_pct'],
                    (float) $yield['sd_pct'],
                    (float) $yield['strength'],
                );
            }
        }

        return null;
    }

    /** @return array<string, Share> expected share of the whole fish by part code, as bought in this state */
    public function expected(StateBought $state): array
    {
        $shares = [];
        foreach (SmallTables::found('species_shares', $this->id) as $share) {
            if ($share['state'] === $state->value) {
                $shares[(string) $share['part']] = new Share((float) $share['mean_pct'], (float) $share['sd_pct']);
            }
        }

        return $shares;
    }

    /** What a size is called in the trade; null where nobody calls it anything. */
    public function sizeName(int $fromGrams, int $toGrams): ?string
    {
        $place = array_search("{$fromGrams}-{$toGrams}", explode(';', $this->size_grades_g), true);
        $name = is_int($place) ? explode(';', $this->size_names)[$place] ?? '' : '';

        return $name === '' ? null : $name;
    }

    /** @return list<Hazard> */
    public function hazardList(): array
    {
        return array_values(array_filter(array_map(Hazard::tryFrom(...), explode(' ', $this->hazards))));
    }

    public function has(Hazard $hazard): bool
    {
        return in_array($hazard, $this->hazardList(), true);
    }

    /** @return list<string> every name it goes by, in lower case, its code too */
    public function spokenNames(): array
    {
        return array_values(
            array_filter(
                array_map(mb_strtolower(...), [
                    $this->name,
                    ...explode(';', $this->other_names),
                    (string) $this->scientific,
                    (string) $this->code,
                ]),
                fn (string $name): bool => $name !== '',
            ),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'form' => BodyForm::class,
            'fat' => FatClass::class,
            'scales' => ScaleType::class,
            'usual_state' => StateBought::class,
            'pin_row' => PinBoneRow::class,
            'bled' => 'boolean',
            'pin_count' => 'float',
            'pin_sd' => 'float',
            'pin_reach_pct' => 'float',
            'shipped' => 'array',
            'house' => 'array',
        ];
    }
}
