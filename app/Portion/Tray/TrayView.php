<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\BreakDown\Bones\BoneChecks;
use App\Devices\Printed;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\Cut;
use DateTimeImmutable;
use Psr\Clock\ClockInterface;
use Sectum\Fish\PinBoneRow;
use Sectum\Measure\Mass;
use Sectum\Portion\Cooking\CookTogether;
use Sectum\Portion\Cooking\EvenCooking;
use Sectum\Portion\Cooking\PieceToCook;
use Sectum\Portion\Placed;
use Sectum\Portion\Tally;

/** Trays of portions: what can go onto one, those of today, and one in full. */
final readonly class TrayView
{
    private const MOST = 40;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function all(Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $now = $this->clock->now();
        $batches = PortionTray::inFull()
            ->where('made_at', '>=', ReadyPortions::since($now))
            ->orderByDesc('number')
            ->limit(self::MOST)
            ->get();

        return [
            'ready' => self::ready($words, $now),
            'trays' => array_map(
                fn (PortionTray $batch): array => [
                    'id' => $batch->id,
                    'number' => $batch->number,
                    'dish' => $batch->dish->name,
                    'count' => count($batch->portions()),
                    'net' => $words->text(self::net($batch)),
                    'use_by' => Moment::at($batch->use_by)->format('D j M'),
                    'made' => Moment::at($batch->made_at)->format('D H:i'),
                    'by' => $batch->maker->name,
                ],
                array_values($batches->all()),
            ),
        ];
    }

    /** @return Answer */
    public static function one(PortionTray $batch, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $fish = Fish::forTheBench()
            ->with('line')
            ->whereKey($batch->pieces->pluck('fish_id')->unique()->all())
            ->orderBy('number')
            ->get();
        $cuts = array_merge(...array_map(Cut::of(...), array_values($fish->all())));
        $tally = Tally::of(
            array_map(fn (TrayPortion $one): Mass => $one->board, $batch->portions()),
            $batch->dish->band(),
        );
        $labels = new TrayLabels($batch, array_values($fish->all()));

        return [
            'id' => $batch->id,
            'number' => $batch->number,
            'dish' => $batch->dish->name,
            'raw' => $batch->dish->service->isRawByTheRules(),
            'count' => $tally->count,
            'net' => $words->text(self::net($batch)),
            'mean' => $tally->mean === null ? '' : $words->text($tally->mean),
            'range' => $tally->lightest === null || $tally->heaviest === null
                    ? ''
                    : $words->text($tally->lightest).' to '.$words->text($tally->heaviest),
            'under' => $tally->under,
            'over' => $tally->over,
            'lots' => $labels->lots(),
            'made' => Moment::at($batch->made_at)->format('j M, H:i'),
            'by' => $batch->maker->name,
            'use_by' => Moment::at($batch->use_by)->format('l j F'),
            'why_then' => $batch->why_then,
            'bones' => self::bones($fish->all()),
            'pieces' => array_map(
                fn (Piece $piece): array => [
                    'piece' => $piece->id,
                    'name' => $piece->name,
                    'fish' => $fish->firstWhere('id', $piece->fish_id)?->title() ?? '',
                    'mass' => $words->mass(self::mass($piece)),
                    'thickness' => isset($cuts[$piece->id]) ? $words->across($cuts[$piece->id]->thickMm) : null,
                ],
                array_values($batch->pieces->all()),
            ),
            'cooking' => self::cooking($batch, $cuts, $words),
            'tray_label' => $labels->tray()->shown($words),
            'each_label' => $labels->each()[0]->shown($words),
            'printed' => Printed::ofBatch($batch->id),
        ];
    }

    /**
     * @param  array<array-key, Fish>  $fish
     * @return list<string>
     */
    public static function bones(array $fish): array
    {
        $said = [];
        foreach ($fish as $one) {
            $checks = array_map(
                fn (array $side): string => is_string($side['name'] ?? null) && is_string($side['said'] ?? null)
                    ? "{$side['name']}: {$side['said']}"
                    : '',
                BoneChecks::view($one),
            );
            $said[] =
                $one->species->pin_row === PinBoneRow::None
                    ? "{$one->title()}: no pin bones to draw."
                    : $one->title().
                        '. '.
                        ($checks === [] ? 'No side was checked for bones.' : implode(' ', $checks));
        }

        return $said;
    }

    /**
     * @param  array<string, Cut>  $cuts
     * @return Answer|null null while nobody knows how thick the pieces are
     */
    private static function cooking(PortionTray $batch, array $cuts, Words $words): ?array
    {
        $names = $batch->pieces->pluck('name', 'id')->all();
        $pieces = [];
        foreach ($batch->pieces as $piece) {
            $cut = $cuts[$piece->id] ?? null;
            if ($cut !== null && $cut->thinMm > 0) {
                $pieces[] = new PieceToCook($piece->id, $cut->thinMm, $cut->thickMm);
            }
        }
        $even = EvenCooking::of($pieces);
        $name = fn (string $id): string => is_string($names[$id] ?? null) ? $names[$id] : '';

        return $even->index === null
            ? null
            : [
                'index' => number_format($even->index, 2, '.', ''),
                'known' => count($pieces),
                'groups' => array_map(
                    fn (CookTogether $group): array => [
                        'pieces' => array_map($name, $group->pieces),
                        'thickness' => round($group->thinMm) === round($group->thickMm)
                                ? $words->across($group->thickMm)
                                : $words->across($group->thinMm).' to '.$words->across($group->thickMm),
                        'time' => (int) round($group->timePct),
                    ],
                    $even->groups,
                ),
                'warned' => array_map(
                    fn (string $id, string $advice): array => ['name' => $name($id), 'advice' => $advice],
                    array_map(strval(...), array_keys($even->warned)),
                    $even->warned,
                ),
            ];
    }

    /**
     * Portions that lie on no tray yet, by dish.
     *
     * @return list<Answer>
     */
    private static function ready(Words $words, DateTimeImmutable $now): array
    {
        $ready = [];
        foreach (ReadyPortions::of($now) as $one) {
            $dish = $one->dish;
            $mass = $one->piece->each();
            $ready[$dish->id] ??= [
                'dish' => $dish->id,
                'name' => $dish->name,
                'pieces' => [],
                'under' => 0,
                'cut' => 0,
                'portions' => 0,
                'loose' => 0,
            ];
            if ($dish->per_plate > 1 && $one->piece->serving_id === null) {
                $ready[$dish->id]['loose']++;
            } elseif ($dish->per_plate === 1 && $dish->band()->place($mass) === Placed::Under) {
                $ready[$dish->id]['under'] += $one->piece->portions;
            } else {
                $ready[$dish->id]['pieces'][] = [
                    'piece' => $one->piece->id,
                    'name' => $one->piece->name,
                    'fish' => $one->fish->title(),
                    'mass' => $words->mass($mass),
                ];
                $ready[$dish->id]['cut'] += $one->piece->portions;
                $ready[$dish->id]['portions'] = intdiv($ready[$dish->id]['cut'], $dish->per_plate);
            }
        }

        return array_values(array_map(fn (array $of): array => array_diff_key($of, ['cut' => 0]), $ready));
    }

    private static function net(PortionTray $batch): Mass
    {
        return Mass::sum(array_map(PortionTray::net(...), array_values($batch->pieces->all())));
    }

    private static function mass(Piece $piece): Mass
    {
        return $piece->reading()?->mass() ?? Mass::zero();
    }
}
