<?php

declare(strict_types=1);

namespace App\Devices;

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
        return new Response(Printed::query()->findOrFail($job)->pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="labels.pdf"',
        ]);
    }
}
