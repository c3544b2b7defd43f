<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\ContractRequest;

final class SpeciesRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'species';
    }
}
