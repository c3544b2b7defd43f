<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

final readonly class ComputeController
{
    /** Jobs of one person that wait or go on at the same time. */
    private const MOST_JOBS = 2;

    /** Characters of a job's request. */
    private const MOST_BYTES = 262_144;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function now(Request $request, Registry $registry, string $name): JsonResponse
    {
        Bounds::check($name, $request->getContent());

        return new JsonResponse(
            Turn::of(Person::of($request), fn (): array => $registry->compute($name, $request->getContent())),
        );
    }

    /** What takes longer is worked out beside the page; how far it is can be asked under the same id. */
    public function later(Request $request, Registry $registry, string $name, string $computation): JsonResponse
    {
        $person = Person::of($request);
        $json = $request->getContent();
        strlen($json) <= self::MOST_BYTES || throw Fault::tooLarge('That is more than a kitchen ever asks.');
        $registry->judge($name, $json);
        $asked = DB::connection()->transaction(function () use ($computation, $name, $json, $person): Computed {
            if (! Once::isNew($computation, "compute {$name}", $json)) {
                return Computed::query()->findOrFail($computation);
            }
            $going = Computed::query()
                ->where('asked_by', $person->id)
                ->whereIn('state', [Computed::WAITING, Computed::COMPUTING])
                ->count();
            $going < self::MOST_JOBS ||
                throw Fault::tooMany('Two of your computations are still going on. Wait for one of them.', 5);
            $asked = Computed::query()->create([
                'id' => $computation,
                'name' => $name,
                'asked_by' => $person->id,
                'asked_at' => Moment::written($this->clock->now()),
                'request' => $json,
            ]);
            dispatch(new ComputeJob($computation))->afterCommit();

            return $asked;
        });

        return new JsonResponse($asked->view(), 202);
    }

    public function progress(Request $request, string $name, string $computation): JsonResponse
    {
        $asked = Computed::query()
            ->where('asked_by', Person::of($request)->id)
            ->where('name', $name)
            ->findOrFail($computation);

        return new JsonResponse($asked->view());
    }
}
