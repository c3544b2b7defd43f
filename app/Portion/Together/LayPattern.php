<?php

declare(strict_types=1);

namespace App\Portion\Together;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\SkillGate;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Portion\Together\SamplingPlan;

/** All fillets of a batch are to be cut by one pattern; what is laid already is laid anew. */
final readonly class LayPattern
{
    public function __construct(private ClockInterface $clock, private SkillGate $gate)
    {
    }

    public function __invoke(string $fish, string $piece, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $piece, $fields, $person): void {
            $onBoard = Fish::onTheBench($fish);
            $onBoard->mustBeOpen();
            $batch = Batch::asked($onBoard, $piece, $fields, $person);
            $pattern =
                $batch->chosen ?? throw Fault::inField('/dish', 'No piece of these fillets is heavy enough for it.');
            $laid = $batch->laid;
            $done = count($batch->portions());
            $laid !== null ||
                $done === 0 ||
                throw Fault::conflict(
                    "{$done} portions of it were weighed one by one already. Go on so, or take them back first.",
                    ['weighed' => $done],
                );
            $values = [
                'fish_id' => $onBoard->id,
                'dish_id' => $batch->dish->id,
                'fillets' => $batch->fillets,
                'per_fillet' => $pattern->perFillet,
                'sd_mg' => $batch->spread->milligrams,
                'measured' => $batch->measured,
                'promised' => $pattern->promised,
                'every' => $this->gate->weighsEveryPiece($person)
                    ? 1
                    : SamplingPlan::of($batch->fillets * $pattern->perFillet)->every,
            ];
            $by = ['laid_by' => $person->id, 'laid_at' => Moment::written($this->clock->now())];
            if ($laid === null) {
                CutPattern::query()->create(['piece_id' => $piece, ...$values, ...$by, 'version' => 1]);
            } elseif ($laid->fill($values)->isDirty()) {
                $fields->maybeInt('version') === $laid->version ||
                    throw Fault::conflict('This pattern was changed on another screen.', [
                        'yours' => $fields->maybeInt('version'),
                        'current' => $laid->version,
                    ]);
                $laid->fill([...$by, 'version' => $laid->version + 1])->save();
            } else {
                return;
            }
            if ($onBoard->dish_id === null) {
                $onBoard->dish_id = $batch->dish->id;
            }
            History::that(
                "{$person->name} cuts {$batch->piece->name} {$pattern->perFillet} to a fillet for ".
                    "{$batch->dish->name}: {$pattern->promised} portions promised.",
                $onBoard,
                $person,
            );
            $onBoard->changed();
        });
    }
}
