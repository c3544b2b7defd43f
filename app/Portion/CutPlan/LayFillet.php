<?php

declare(strict_types=1);

namespace App\Portion\CutPlan;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Piece;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;

/** A fillet is laid on the board to be cut so; what is there already is laid anew. */
final readonly class LayFillet
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $fish, string $piece, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $piece, $fields, $person): void {
            $onBoard = Fish::onTheBench($fish);
            $onBoard->mustBeOpen();
            $fillet = self::fillet($onBoard, $piece);
            $laying = Laying::asked($fields, $onBoard, $fillet, $person);
            $plan = FilletPlan::of($onBoard, $fillet, $laying, $person);
            // Own marks that do not rise, or dishes of which none can ever be cut from it, are refused before anything
            // is written.
            $plan->byOwnMarks();
            $plan->kinds !== [] ||
                throw Fault::inField('/kinds', $plan->never[0]['say'] ?? 'Choose at least one dish to cut from it.');
            $values = [
                'fish_id' => $onBoard->id,
                'length_cm' => $laying->lengthCm,
                'thickness_mm' => $laying->thicknessMm,
                'measured' => $laying->measured,
                'shape' => $laying->shape,
                'square_mg' => $laying->square->milligrams,
                'tail_mm' => $laying->tailMm,
                'school' => $laying->school->value,
                'aimed' => $laying->aimed,
                'guess_first' => $laying->guessFirst,
                'belly' => $laying->belly,
                'thick_at' => $laying->thickAt,
                'kinds' => $laying->kinds,
                'marks_cm' => $laying->marksCm,
            ];
            $laid = BoardFillet::query()->find($fillet->id);
            $at = Moment::written($this->clock->now());
            if ($laid === null) {
                BoardFillet::query()->create([
                    'piece_id' => $fillet->id,
                    ...$values,
                    'version' => 1,
                    'laid_by' => $person->id,
                    'laid_at' => $at,
                ]);
            } else {
                $laid->fill($values);
                if ($laid->isDirty()) {
                    $laid->fill(['version' => $laid->version + 1, 'laid_by' => $person->id, 'laid_at' => $at])->save();
                }
            }
            if ($onBoard->dish_id === null) {
                $onBoard->dish_id = $laying->kinds[0]['dish'];
                $onBoard->changed();
            }
        });
    }

    /** @throws Fault when it is no fillet of this fish that was weighed */
    public static function fillet(Fish $fish, string $piece): Piece
    {
        $fillet = $fish->pieces->firstWhere('id', $piece);

        if ($fillet === null || ! $fillet->part->isFillet() || $fillet->reading() === null) {
            throw Fault::notThere('There is no such fillet on the board.');
        }

        return self::isOne($fish, $fillet)
            ? $fillet
            : throw Fault::conflict(
                "{$fillet->name}: several were weighed together, and no one of them can be planned. Weigh each ".
                    'side on its own.',
            );
    }

    /**
     * Whether it is one fillet: not both sides of a fish on the pan together, not those of several fish, not steaks.
     */
    public static function isOne(Fish $fish, Piece $fillet): bool
    {
        return $fish->count === 1 && ! in_array($fillet->part, [Part::Fillets, Part::Steaks], true);
    }
}
