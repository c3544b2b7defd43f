<?php

declare(strict_types=1);

return [
    'walk' => [
        'process' => 'Merma',
        'guts' => 'Vísceras y agallas',
        'bones' => 'Cabeza y huesos',
        'skin' => 'Piel',
        'frame-left' => 'Quedó en el espinazo',
        'otherwise' => 'Comido de otra forma',
        'tidy' => 'Recorte',
        'ends' => 'Puntas',
        'to-portion' => 'Por racionar',
        'left-over' => 'Sin racionar',
        'over' => 'Sobre el objetivo',
        'unserved' => 'Sin servir',
        'discarded' => 'Tirado',
        'kept' => 'Guardado',
        'plates' => 'En los platos',
    ],
    'try' => 'Prueba: :what',
    'walk-key' => 'Oscuro: raciones, guardado, por racionar. Gris: carne que no llegó a serlo. Rayado: '.
        'cabeza, huesos, piel. Blanco: perdido.',
    'complaint' => [
        'bone' => 'Espina',
        'illness' => 'Enfermedad',
        'quality' => 'Calidad',
    ],
    'complaint-step' => [
        'held' => 'bandejas retenidas',
        'released' => 'bandejas soltadas',
        'answered' => 'respondida',
        'noted' => 'anotada',
        'closed' => 'cerrada',
    ],
    'week' => [
        'step' => [
            'process' => [
                'what' => ':mass se perdieron en la tabla o no se pesaron; :best en el mejor caso. Valor: :worth.',
                'try' => 'Pesa las partes según salen, y mantén frío el pescado hasta entonces.',
            ],
            'frame-left' => [
                'what' => ':mass de carne se quedaron en los espinazos; :best en el mejor caso. Valor: :worth.',
                'try' => 'Apoya la hoja plana en el hueso, y raspa lo que aún asome.',
            ],
            'tidy' => [
                'what' => 'El recorte se llevó :mass; :best en el mejor caso. Valor: :worth.',
                'try' => 'Recorta solo lo que pide el plato, y mira una tabla de recorte antes de mandarla.',
            ],
            'ends' => [
                'what' => 'Las puntas se llevaron :mass; :best en el mejor caso. Valor: :worth.',
                'try' => 'Escuadra menos, y planea las colas para un plato propio.',
            ],
            'left-over' => [
                'what' => ':mass de filete no se racionaron; :best en el mejor caso. Valor: :worth.',
                'try' => 'Planea los lados antes del primer corte, y da un plato al resto.',
            ],
            'over' => [
                'what' => 'Las raciones regalaron :mass sobre su peso; :best en el mejor caso. Valor: :worth.',
                'try' => 'Mira la dispersión de cada mano en Racionar, y deja que el plan ponga las marcas.',
            ],
            'unserved' => [
                'what' => ':mass de raciones se cortaron y no se sirvieron; :best en el mejor caso. Valor: :worth.',
                'try' => 'Corta más tarde, o menos: Plan dice cuántas pide una noche.',
            ],
        ],
        'drift' => [
            'cutter-up' => [
                'what' => ':name da más que antes, desde :since.',
                'try' => 'Pregunta qué cambió, y muéstraselo a los demás.',
            ],
            'cutter-down' => [
                'what' => ':name da menos que antes, desde :since.',
                'try' => 'Cortad juntos un pescado, y mirad antes el cuchillo.',
            ],
            'species-up' => [
                'what' => ':name da más que antes, desde :since.',
                'try' => 'Pide según el nuevo rendimiento.',
            ],
            'species-down' => [
                'what' => ':name da menos que antes, desde :since.',
                'try' => 'Mira su grasa y su tamaño, y quién lo corta.',
            ],
            'supplier-up' => [
                'what' => 'El pescado de :name da más que antes, desde :since.',
                'try' => 'Compra ahí mientras dure.',
            ],
            'supplier-down' => [
                'what' => 'El pescado de :name da menos que antes, desde :since.',
                'try' => 'Pesa y califica entera la próxima entrega, y habla con ellos.',
            ],
            'scale-up' => [
                'what' => 'Los pesos dejan más sin explicar que antes, desde :since.',
                'try' => 'Comprueba la balanza con un peso conocido.',
            ],
            'scale-down' => [
                'what' => 'Las partes pesan más frente al entero que antes, desde :since.',
                'try' => 'Comprueba la balanza con un peso conocido, y las bandejas.',
            ],
        ],
        'best' => [
            'cutter' => [
                'what' => 'Cortar todo el pescado como lo corta :name daría :year al año.',
                'try' => 'Que :name corte un pescado al día junto a cada uno de los demás.',
            ],
            'supplier' => [
                'what' => 'Todo el pescado como lo manda :name daría :year al año solo en rendimiento.',
                'try' => 'Mira lo que cuesta ahí un kilo comestible antes de mover un pedido.',
            ],
            'method' => [
                'what' => 'Todo el pescado cortado como «:name» daría :year al año.',
                'try' => 'Pruébalo en los próximos cinco de cada tipo.',
            ],
            'answer' => [
                'what' => 'Todo el pescado cortado con «:name» daría :year al año.',
                'try' => 'Pruébalo en los próximos cinco de cada tipo.',
            ],
        ],
        'short' => [
            'what' => '{1} :supplier facturó :mass que nunca llegaron, en una línea. Valor: '.
                ':worth.|[2,*] :supplier facturó :mass que nunca llegaron, en :lines líneas. '.
                'Valor: :worth.',
            'try' => 'Envía la reclamación, y pesa esta semana cada caja suya.',
        ],
        'thrown-away' => [
            'what' => 'Se tiraron :mass. Valor: :worth.',
            'try' => 'Mira cada mañana lo que acaba hoy, y congélalo o cocínalo antes de mediodía.',
        ],
    ],
];
