<?php

declare(strict_types=1);

namespace App\Devices;

use App\Kitchen\Format\Pdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final readonly class PrinterController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['printed' => Printed::latest()]);
    }

    public function show(string $job): Response
    {
        return Pdf::shown(Printed::query()->findOrFail($job)->pdf, 'labels');
    }
}
