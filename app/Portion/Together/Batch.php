<?php

declare(strict_types=1);

namespace App\Portion\Together;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Person;
use App\Portion\CutPlan\LayFillet;
use App\Portion\Dish\Dish;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\Scatter;
use Sectum\Portion\Together\FilletBatch;
use Sectum\Portion\Together\Pattern;

/** Fillets that were weighed together, as a screen asks about them. */
final readonly class Batch
{
    /** Fillets weighed alone from which their own spread is taken. */
    private const ENOUGH = 3;

    /**
     * @param  bool  $measured  whether the spread is that of fillets weighed alone, now or when the pattern was laid
     * @param  CutPattern|null  $laid  what they are cut by already
     */
    private function __construct(
        public Fish $fish,
        public Piece $piece,
        public Dish $dish,
        public int $fillets,
        public Mass $mean,
        public Mass $spread,
        public bool $measured,
        public FilletBatch $batch,
        public ?Pattern $chosen,
        public ?CutPattern $laid,
    ) {
    }

    /** @throws Fault at the field that makes no sense */
    public static function asked(Fish $fish, string $piece, Fields $fields, Person $person): self
    {
        $fillet = $fish->pieces->firstWhere('id', $piece);
        $served = $fillet?->part === Part::Whole || $fillet?->part->isFillet() === true;
        if ($fillet === null || ! $served || $fillet->reading() === null) {
            throw Fault::notThere('There is no such fillet on the board.');
        }
        // Small fish served whole are natural portions, however many there are.
        $fillet->part === Part::Whole ||
            ! LayFillet::isOne($fish, $fillet) ||
            throw Fault::conflict("{$fillet->name} was weighed alone: plan its own cuts.", ['piece' => $piece]);
        $dish = Dish::chosen($fields->string('dish'));
        $laid = CutPattern::query()->find($fillet->id);
        $count = $fields->maybeInt('fillets') ?? $laid->fillets ?? self::usualCount($fish, $fillet);
        $total = $fillet->reading()->mass();
        $mean = Mass::ofMilligrams(intdiv($total->milligrams, $count));
        $weighed = self::weighed($fields, $person);
        $spread = count($weighed) < self::ENOUGH && $laid !== null
            ? Mass::ofMilligrams($laid->sd_mg)
            : self::spread($weighed, $mean);
        $usable = 1 - FilletGuess::squaredOff($mean)->grams() / max(1.0, $mean->grams());
        $band = $dish->each();
        $batch = Fault::within('', fn (): FilletBatch => FilletBatch::of(
            $count,
            $mean->grams(),
            $spread->grams(),
            // A piece served whole is not squared off.
            $band->place($mean)->value === 'within' ? 1.0 : $usable,
            $band->target->grams(),
            $band->minus->grams(),
            $band->plus->grams(),
        ));
        $per = $fields->maybeInt('per_fillet') ?? ($laid?->dish_id === $dish->id ? $laid->per_fillet : null);
        $chosen = $per === null
            ? $batch->best
            : array_values(array_filter($batch->patterns, fn (Pattern $one): bool => $one->perFillet === $per))[0] ??
                throw Fault::inField('/per_fillet', 'So many pieces would all be too light for the dish.');

        return new self(
            $fish,
            $fillet,
            $dish,
            $count,
            $mean,
            $spread,
            count($weighed) >= self::ENOUGH || $laid?->measured === true,
            $batch,
            $chosen,
            $laid,
        );
    }

    /** @return list<Piece> portions that came off it: one by one, and on trays */
    public function portions(): array
    {
        return array_values(
            $this->fish->pieces
                ->filter(
                    fn (Piece $one): bool => $one->parent_id === $this->piece->id &&
                        $one->part === Part::Portion &&
                        $one->reading() !== null,
                )
                ->all(),
        );
    }

    private static function usualCount(Fish $fish, Piece $fillet): int
    {
        return $fish->count * ($fillet->part === Part::Fillets ? $fish->species->form->fillets() : 1);
    }

    /** @return list<Mass> */
    private static function weighed(Fields $fields, Person $person): array
    {
        $weighed = [];
        foreach ($fields->has('weighed') ? $fields->strings('weighed') : [] as $i => $typed) {
            $weighed[] = Fault::at("/weighed/{$i}", fn (): Mass => Mass::parse($typed, $person->units));
        }

        return $weighed;
    }

    /** @param  list<Mass>  $weighed */
    private static function spread(array $weighed, Mass $mean): Mass
    {
        if (count($weighed) < self::ENOUGH) {
            return Mass::ofGrams($mean->grams() * FilletBatch::USUAL_SPREAD_PCT / 100);
        }

        return Mass::ofGrams(Scatter::of(array_map(fn (Mass $one): float => $one->grams(), $weighed)) ?? 0.0);
    }
}
