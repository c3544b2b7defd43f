<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\ContractRequest;

final class PersonRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'person';
    }
}
