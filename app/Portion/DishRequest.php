<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class DishRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'dish';
    }
}
