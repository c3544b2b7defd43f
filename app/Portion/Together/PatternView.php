<?php

declare(strict_types=1);

namespace App\Portion\Together;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Piece;
use App\Kitchen\Format\Words;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use App\Portion\CutPlan\HouseShapes;
use App\Portion\CutPlan\Laying;
use App\Portion\Dish\Dish;
use Sectum\Measure\Mass;
use Sectum\Portion\Cuts\EvenCuts;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\Placed;
use Sectum\Portion\PlannedPiece;
use Sectum\Portion\Together\PanLoads;
use Sectum\Portion\Together\Pattern;
use Sectum\Portion\Together\SamplingPlan;

/** One pattern for fillets weighed together: what each would promise, where the knife goes, what to weigh of it. */
final readonly class PatternView
{
    /** @return Answer */
    public static function of(Batch $batch, Fields $fields, Person $person): array
    {
        $words = new Words($person->units, Settings::load()->scaleStep);
        $laid = $batch->laid;
        $pieces = $batch->chosen === null ? 0 : $batch->fillets * $batch->chosen->perFillet;

        return [
            'name' => $batch->piece->name,
            'dishes' => array_map(
                fn (Dish $dish): array => ['id' => $dish->id, 'name' => $dish->name],
                array_values(Dish::cutFor($batch->fish->species_id)->all()),
            ),
            'fillets' => $batch->fillets,
            'mean' => $words->text($batch->mean),
            'spread' => $words->text($batch->spread),
            'measured' => $batch->measured,
            'patterns' => array_map(
                fn (Pattern $one): array => [
                    'per_fillet' => $one->perFillet,
                    'each' => $words->text(Mass::ofGrams(round($one->each, 1))),
                    'within_pct' => (int) round($one->withinPct),
                    'under_pct' => (int) round($one->underPct),
                    'expected' => (int) round($one->expected),
                    'promised' => $one->promised,
                    'best' => $one === $batch->batch->best,
                    'chosen' => $one === $batch->chosen,
                ],
                self::worthALook($batch),
            ),
            'drawn' => self::drawn($batch, $words),
            'marks' => self::marks($batch, $words),
            'sampling' => $pieces === 0 ? null : self::sampling(SamplingPlan::of($pieces)),
            'pans' => $pieces === 0 || ! $fields->has('per_pan') ? null : self::pans($pieces, $fields),
            'laid' => $laid === null
                ? null
                : [
                    'dish' => $laid->dish_id,
                    'per_fillet' => $laid->per_fillet,
                    'promised' => $laid->promised,
                    'every' => $laid->every,
                    'version' => $laid->version,
                ],
            'came' => self::came($batch, $words),
        ];
    }

    /** @return list<Pattern> those that give portions at all, and the one chosen */
    private static function worthALook(Batch $batch): array
    {
        return array_values(
            array_filter(
                $batch->batch->patterns,
                fn (Pattern $one): bool => $one->expected >= 0.5 || $one === $batch->chosen,
            ),
        );
    }

    /** @return Answer|null a piece and its spread beside the band, as it is drawn */
    private static function drawn(Batch $batch, Words $words): ?array
    {
        if ($batch->chosen === null) {
            return null;
        }
        $band = $batch->dish->each();

        return [
            'each_mg' => Mass::ofGrams($batch->chosen->each)->milligrams,
            'sd_mg' => Mass::ofGrams($batch->chosen->spread)->milligrams,
            'least_mg' => $band->target->minus($band->minus)->milligrams,
            'most_mg' => $band->target->plus($band->plus)->milligrams,
            'least' => $words->text($band->target->minus($band->minus)),
            'most' => $words->text($band->target->plus($band->plus)),
        ];
    }

    /** @return list<string> where the knife goes on the mean fillet, from its head end */
    private static function marks(Batch $batch, Words $words): array
    {
        if ($batch->chosen === null || $batch->chosen->perFillet === 1) {
            return [];
        }
        $shape = Laying::usualShape($batch->fish, $batch->piece);
        $guess = FilletGuess::of($shape, max(1.0, $batch->mean->grams()));
        $cuts = EvenCuts::ofCount(
            new FilletOnBoard(
                HouseShapes::of($batch->fish->species_id, $shape)->shape,
                max(1.0, $batch->mean->grams()),
                $guess->lengthCm,
                $guess->thicknessMm,
                FilletGuess::squaredOff($batch->mean)->grams(),
            ),
            $batch->chosen->perFillet,
        );

        return array_map(fn (PlannedPiece $one): string => $words->along($one->toCm), $cuts->pieces);
    }

    /** @return Answer */
    private static function sampling(SamplingPlan $plan): array
    {
        return [
            'every' => $plan->every,
            'samples' => $plan->samples,
            'noticed_pct' => (int) round($plan->noticedPct),
            'alarm_pct' => (int) round($plan->alarmPct),
        ];
    }

    /** @return Answer */
    private static function pans(int $pieces, Fields $fields): array
    {
        $loads = Fault::within('', fn (): PanLoads => PanLoads::of(
            $pieces,
            $fields->int('per_pan'),
            $fields->int('per_trolley', 0),
            $fields->int('per_oven', 0),
        ));

        return [
            'pans' => $loads->pans,
            'on_the_last' => $loads->onTheLast,
            'trolleys' => $loads->trolleys,
            'loads' => $loads->loads,
        ];
    }

    /** @return Answer what really came off them so far */
    private static function came(Batch $batch, Words $words): array
    {
        $portions = $batch->portions();
        $alone = array_values(array_filter($portions, fn (Piece $one): bool => $one->portions === 1));
        $band = $batch->dish->each();
        $under = array_map(fn (Piece $one): bool => $band->place($one->each()) === Placed::Under, $alone);
        $count = array_sum(array_map(fn (Piece $one): int => $one->portions, $portions));
        $mass = Mass::sum(array_map(fn (Piece $one): Mass => $one->reading()?->mass() ?? Mass::zero(), $portions));

        return [
            'cut' => $count,
            'sampled' => count($alone),
            'under' => count(array_filter($under)),
            'mean' => $count === 0 ? null : $words->text(Mass::ofMilligrams(intdiv($mass->milligrams, $count))),
            'stop' => SamplingPlan::says($under),
        ];
    }
}
