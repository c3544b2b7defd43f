<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\ContractRequest;

final class ReadingRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'reading';
    }
}
