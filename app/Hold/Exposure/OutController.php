<?php

declare(strict_types=1);

namespace App\Hold\Exposure;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\History;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Exposure\Verdict;

final readonly class OutController
{
    public function __construct(private Clocks $clocks, private ClockInterface $clock)
    {
    }

    public function index(): JsonResponse
    {
        $fish = Fish::query()->with('species')->whereNotNull('out_since')->orderBy('out_since')->get();

        return new JsonResponse([
            'fish' => $this->clocks->views(array_values($fish->all())),
            'at_once' => $this->clocks->atOnce(),
        ]);
    }

    public function show(string $fish): JsonResponse
    {
        return new JsonResponse($this->clocks->views([Fish::query()->with('species')->findOrFail($fish)])[0]);
    }

    /** Taken out, or put back: a tap, or a scan of its label. */
    public function move(Request $request, string $fish, string $act): JsonResponse
    {
        $fields = Fields::of($request);
        $person = Person::of($request);
        DB::connection()->transaction(function () use ($fish, $act, $fields, $person): void {
            $one = Fish::query()->findOrFail($fish);
            if (! Once::isNew($act, "out {$fish}", $fields)) {
                return;
            }
            if ($fields->bool('back')) {
                $this->clocks->back($one, $person->id);
            } elseif ($one->out_since === null) {
                $one->fill(['out_since' => Moment::written($this->clock->now()), 'out_by' => $person->id]);
            }
            $one->save();
        });

        return $this->show($fish);
    }

    public function release(Request $request, string $fish, string $act): JsonResponse
    {
        $fields = Fields::of($request);
        $person = Person::of($request);
        $person->mustBeHeadChef('The head chef releases it, or it is discarded.');
        $reason = trim($fields->string('reason'));
        $reason !== '' || throw Fault::inField('/reason', 'Give the reason for releasing it.');
        DB::connection()->transaction(function () use ($fish, $act, $fields, $reason, $person): void {
            $one = Fish::query()->with('species')->findOrFail($fish);
            $clock = $this->clocks->of($one);
            ! ($clock->histamine && $clock->verdict === Verdict::Stop) ||
                throw Fault::inField('/reason', 'Nobody can release it: the limit is the histamine’s.');
            if (Once::isNew($act, "release {$fish}", $fields)) {
                FishRelease::query()->create([
                    'id' => $act,
                    'fish_id' => $one->id,
                    'reason' => $reason,
                    'released_by' => $person->id,
                    'released_at' => Moment::written($this->clock->now()),
                ]);
                History::that("{$person->name} released it after its time out of the cold: {$reason}", $one, $person);
            }
        });

        return $this->show($fish);
    }
}
