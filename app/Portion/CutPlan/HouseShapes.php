<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Catalogue\Species;
use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Fish\Stage;
use App\Kitchen\Database\Remembered;
use App\Kitchen\Database\Row;
use App\Kitchen\Database\WorkedOut;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Database\Query\Builder;
use Psr\Clock\ClockInterface;
use Sectum\Portion\FilletShape;
use Sectum\Portion\Shape\HouseShape;
use Sectum\Portion\Shape\MeasuredCut;
use Sectum\Portion\Shape\MeasuredFillet;
use Sectum\Portion\Shape\MeasuredThickness;
use Sectum\Portion\Zones\TakenOff;

/** The house's own shapes, learned from the pieces that were cut at known places. */
final readonly class HouseShapes
{
    /** A fish under the knife teaches nothing yet: what is cut now makes no shape old. */
    private const TABLES = ['reading_voids', 'shape_resets'];

    /** The latest fillets a shape is learned from. */
    private const MOST = 200;

    /** The latest boards they are looked for among: of those not all were cut by marks. */
    private const AMONG = 400;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * The house's shape of a kind of fish, from fish whose portioning is done: a fillet under the knife tells of
     * itself, and twice would be too much.
     *
     * Worked out anew when another fish was done, reopened, or a piece of it taken back.
     */
    public static function of(string $species, string $shape): HouseShape
    {
        return Remembered::of(
            "shape:{$species}:{$shape}",
            self::TABLES,
            fn (): HouseShape => self::found($species, $shape),
        );
    }

    private static function found(string $species, string $shape): HouseShape
    {
        $starting = FilletShape::named($shape);
        $told = Row::maybe(
            self::cuts($species, $shape)
                ->selectRaw('count(*) as cuts, max(readings.id) as latest')
                ->selectRaw('(select count(*) from reading_voids) as voids')
                ->selectRaw('(select count(*) from shape_resets) as resets')
                ->first(),
        );
        $stamp = $told?->cells(['cuts', 'latest', 'voids', 'resets']);

        return WorkedOut::of(
            HouseShape::class,
            [$species, $shape, $stamp],
            fn (): HouseShape => HouseShape::of($starting, self::fillets($species, $shape)),
        );
    }

    /** Pieces that were cut by marks and count, of fish that were portioned. */
    private static function cuts(string $species, string $shape): Builder
    {
        $lately = BoardFillet::rows()
            ->join('fish', 'fish.id', '=', 'boards.fish_id')
            ->where('fish.species_id', $species)
            ->where('boards.shape', $shape)
            ->whereIn('fish.stage', [Stage::Route->value, Stage::Cost->value, Stage::Log->value])
            // A side whose belly was off first tells of another shape.
            ->where('boards.belly', '!=', TakenOff::Before->value)
            ->orderByDesc('boards.laid_at')
            ->limit(self::AMONG)
            ->select('boards.piece_id');

        return CutMade::rows()
            ->join('readings', 'readings.id', '=', 'cuts.reading_id')
            ->leftJoin('reading_voids', 'reading_voids.reading_id', '=', 'readings.id')
            ->join('boards', 'boards.piece_id', '=', 'cuts.fillet_id')
            ->whereIn('cuts.fillet_id', $lately)
            ->where(
                'readings.taken_at',
                '>',
                ShapeReset::rows()
                    ->where(['species_id' => $species, 'shape' => $shape])
                    ->selectRaw("coalesce(max(reset_at), '')"),
            )
            ->where('cuts.at_mark', true)
            ->whereNull('reading_voids.reading_id');
    }

    /** The head chef forgets what was learned; what was cut before counts no longer. */
    public function reset(string $species, string $shape, Person $person): void
    {
        $person->mustBeHeadChef('The head chef resets a shape.');
        in_array($shape, FilletShape::names(), true) || throw Fault::notThere('There is no such shape.');
        Species::query()->findOrFail($species);
        if (self::fillets($species, $shape) !== []) {
            ShapeReset::rows()->insert([
                'species_id' => $species,
                'shape' => $shape,
                'reset_by' => $person->id,
                'reset_at' => Moment::written($this->clock->now()),
            ]);
        }
    }

    public static function resetAt(string $species, string $shape): ?string
    {
        return Remembered::of("reset:{$species}:{$shape}", ['shape_resets'], function () use (
            $species,
            $shape,
        ): ?string {
            $at = ShapeReset::rows()->where('species_id', $species)->where('shape', $shape)->max('reset_at');

            return is_string($at) ? $at : null;
        });
    }

    /**
     * Fillets of a kind of fish that were cut by marks, the latest of them.
     *
     * @return list<MeasuredFillet>
     */
    private static function fillets(string $species, string $shape): array
    {
        $rows = Row::all(
            self::cuts($species, $shape)
                ->orderBy('boards.laid_at')
                ->orderBy('cuts.fillet_id')
                ->orderBy('cuts.from_cm')
                ->get([
                    'cuts.fillet_id',
                    'cuts.from_cm',
                    'cuts.to_cm',
                    'readings.mass_mg',
                    'readings.resolution_mg',
                    'boards.length_cm',
                    'boards.thickness_mm',
                    'boards.thick_at',
                ]),
        );
        $cuts = [];
        $length = $marks = $thick = [];
        foreach ($rows as $row) {
            $fillet = $row->text('fillet_id');
            $cuts[$fillet][] = new MeasuredCut(
                $row->number('from_cm'),
                $row->number('to_cm'),
                $row->number('mass_mg') / 1000,
                $row->number('resolution_mg') / 1000,
            );
            $length[$fillet] = $row->number('length_cm');
            $thick[$fillet] = $row->number('thickness_mm');
            $marks[$fillet] = $row->text('thick_at');
        }
        $cuts = array_slice($cuts, -self::MOST, null, true);
        $laid = self::laid(array_map(strval(...), array_keys($cuts)));
        $fillets = [];
        foreach ($cuts as $fillet => $of) {
            if (($laid[$fillet] ?? 0) > 0) {
                $fillets[] = new MeasuredFillet(
                    $laid[$fillet],
                    $length[$fillet],
                    $of,
                    self::marks($marks[$fillet], $length[$fillet]),
                    $thick[$fillet],
                );
            }
        }

        return $fillets;
    }

    /** @return list<MeasuredThickness> as a board keeps them */
    private static function marks(string $kept, float $lengthCm): array
    {
        /** @var list<array{cm: float|int, mm: float|int}> $marks as LayFillet writes them */
        $marks = json_decode($kept, true, flags: JSON_THROW_ON_ERROR);

        return Laying::marks($marks, $lengthCm);
    }

    /**
     * What each fillet weighed when its first cut was made, in grams.
     *
     * @param  list<string>  $fillets
     * @return array<string, float>
     */
    private static function laid(array $fillets): array
    {
        $of = Piece::query()->whereKey($fillets)->pluck('fish_id', 'id');
        $fish = Fish::query()
            ->with('pieces.readings.void')
            ->whereKey($of->unique()->all())
            ->get()
            ->keyBy('id');
        Cut::ofAll($fish);
        $laid = [];
        foreach ($of as $fillet => $id) {
            $on = is_string($id) ? $fish->get($id) : null;
            $piece = $on?->pieces->firstWhere('id', $fillet);
            if ($on !== null && $piece !== null) {
                $laid[(string) $fillet] = Cut::laid($on, $piece)->grams();
            }
        }

        return $laid;
    }
}
