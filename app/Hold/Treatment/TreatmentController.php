<?php

declare(strict_types=1);

namespace App\Hold\Treatment;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sectum\Hold\Treatment\Strength;
use Sectum\Measure\Mass;

final readonly class TreatmentController
{
    public function __construct(private TreatingView $view, private Treat $treat)
    {
    }

    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->view->all(Person::of($request)));
    }

    public function show(Request $request, string $treating): JsonResponse
    {
        return new JsonResponse($this->view->one($treating, Person::of($request)));
    }

    public function plan(Request $request, string $treatment): JsonResponse
    {
        $fields = Fields::of($request);
        $mass = Fault::at(
            '/mass',
            fn (): Mass => Mass::parse($fields->string('mass'), Person::of($request)->units),
        );
        $measured = $fields->has('degrees')
            ? Fault::at('/degrees', fn (): Strength => Strength::ofDegrees($fields->number('degrees')))
            : null;

        return new JsonResponse(
            Fault::within(
                '',
                fn (): array => $this->view->plan(
                    HouseTreatment::query()->findOrFail($treatment),
                    $mass,
                    $fields->maybeNumber('thick_mm'),
                    $fields->int('faces', 2),
                    $measured,
                ),
            ),
        );
    }

    public function store(Request $request, StoreTreatment $store, string $treatment): JsonResponse
    {
        $store($treatment, Fields::of($request), Person::of($request));

        return $this->index($request);
    }

    public function begin(Request $request, string $treating): JsonResponse
    {
        $this->treat->begin($treating, Fields::of($request), Person::of($request));

        return $this->show($request, $treating);
    }

    public function mark(Request $request, string $treating, string $mark): JsonResponse
    {
        $this->treat->mark($treating, $mark, Fields::of($request), Person::of($request));

        return $this->show($request, $treating);
    }

    public function start(Request $request, string $treating): JsonResponse
    {
        $this->treat->start($treating, Fields::of($request), Person::of($request));

        return $this->show($request, $treating);
    }

    public function end(Request $request, string $treating): JsonResponse
    {
        $this->treat->end($treating, Fields::of($request), Person::of($request));

        return $this->show($request, $treating);
    }

    public function weigh(Request $request, string $treating): JsonResponse
    {
        $this->treat->weigh($treating, Fields::of($request), Person::of($request));

        return $this->show($request, $treating);
    }
}
