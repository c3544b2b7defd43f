<?php

declare(strict_types=1);

namespace App\Portion\Together;

use App\Contract\Fields;
use App\Fish\Fish;
use App\Kitchen\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PatternController
{
    public function preview(Request $request, string $fish, string $piece): JsonResponse
    {
        $fields = Fields::of($request);
        $person = Person::of($request);
        $batch = Batch::asked(Fish::onTheBench($fish), $piece, $fields, $person);

        return new JsonResponse(PatternView::of($batch, $fields, $person));
    }

    public function lay(Request $request, LayPattern $lay, string $fish, string $piece): JsonResponse
    {
        $lay($fish, $piece, Fields::of($request), Person::of($request));

        return $this->preview($request, $fish, $piece);
    }
}
